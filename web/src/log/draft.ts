import * as v from 'valibot';
import type { Schemas } from '../api/client';
import { today } from '../base/words';
import { mayCount } from '../parts/starts';

type RollTerms = Required<Schemas['RollDocument']>;
type SessionTerms = Required<Schemas['SessionDocument']>;

/** A roll being told that is not kept yet. */
export interface Draft {
  id: string;
  text: string;
  partner: string;
  kind: NonNullable<RollTerms['kind']>;
  intensity: NonNullable<RollTerms['intensity']>;
  minutes: number | null;
  /** The starts of a drilled round, where somebody counted. */
  starts: { kept: number; lost: number } | null;
  /** What it was meant for. */
  intent: NonNullable<RollTerms['intent']> | '';
  date: string;
  /** The day on which that was chosen: what is not told yet is for today again on any other. */
  asOf: string;
  /** The match day it is a match of; empty for a training roll. */
  event: string;
  sessionKind: NonNullable<SessionTerms['kind']>;
  attire: NonNullable<SessionTerms['attire']>;
  time: string;
  energy: NonNullable<Schemas['DayStateDocument']['energy']> | '';
  sore: string[];
  mission: Mission;
  corrections: Schemas['CorrectionView'][];
  /** Which partners the names in the telling mean, where it was said. */
  partners: Schemas['NamedPartner'][];
  /** Words that say nothing of the roll as a whole, though they were read so. */
  struck: string[];
  /** Notches put in by hand. */
  finished: Schemas['NotchToAdd'][];
  /** Where it was said that a roll begins, or that none does. */
  cuts: Schemas['CutView'][];
  /** Pairs such as 1-1 that were said to be taps, or points. */
  taps: string[];
  points: string[];
}

/** What one set out to do, with up to three checks to tick; those without words are not kept. */
export interface Mission {
  text: string;
  checks: { text: string; done: boolean; met: number | null; of: number | null }[];
}

/** What is said beside the text of a telling. */
export const beside = ['corrections', 'partners', 'struck', 'finished', 'cuts', 'taps', 'points'] as const;
export type Told = Pick<Draft, 'text' | (typeof beside)[number]>;

/** The text and what is said beside it. */
export const toldIn = (draft: Told): Told => ({
  text: draft.text,
  corrections: draft.corrections,
  partners: draft.partners,
  struck: draft.struck,
  finished: draft.finished,
  cuts: draft.cuts,
  taps: draft.taps,
  points: draft.points,
});

const noMission = (): Mission => ({
  text: '',
  checks: [1, 2, 3].map(() => ({ text: '', done: false, met: null, of: null })),
});

/** A draft for the next roll, of today: the session, the mission and the presets of the one before are carried over. */
export const fresh = (before?: Draft): Draft => ({
  id: crypto.randomUUID(),
  text: '',
  partner: '',
  kind: before?.kind ?? 'free',
  intensity: before?.intensity ?? 'steady',
  minutes: before?.minutes ?? 6,
  starts: null,
  intent: '',
  // The matches of a day are of that day.
  date: before?.event ? before.date : today(),
  asOf: today(),
  event: before?.event ?? '',
  sessionKind: before?.sessionKind ?? 'class',
  attire: before?.attire ?? 'gi',
  time: before?.time ?? '',
  energy: before?.energy ?? '',
  sore: before?.sore ?? [],
  mission: before
    ? {
        text: before.mission.text,
        checks: before.mission.checks.map(({ text }) => ({ text, done: false, met: null, of: null })),
      }
    : noMission(),
  corrections: [],
  partners: [],
  struck: [],
  finished: [],
  cuts: [],
  taps: [],
  points: [],
});

/** A draft as the server keeps it. */
export const toKeep = (told: Draft): Schemas['RollTold'] => ({
  ...toldIn(told),
  session: {
    date: told.date,
    kind: told.sessionKind,
    attire: told.attire,
    time: told.time || undefined,
    state:
      told.energy || told.sore.length > 0 ? { energy: told.energy || undefined, sore: told.sore } : undefined,
  },
  roll: {
    partner: told.partner || undefined,
    kind: told.kind,
    intensity: told.intensity,
    minutes: told.event ? undefined : (told.minutes ?? undefined),
    event: told.event || undefined,
    starts: (mayCount(told) && told.starts) || undefined,
    intent: told.intent || undefined,
    mission: told.mission.text.trim()
      ? {
          text: told.mission.text.trim(),
          checks: told.mission.checks
            .filter((c) => c.text.trim())
            .map((c) => ({
              ...c,
              met: c.of ? Math.min(c.met ?? 0, c.of) : undefined,
              of: c.of || undefined,
            })),
        }
      : undefined,
  },
});

/** What was to be kept, as a draft again. */
export function toDraft(id: string, kept: Schemas['RollTold'], now: Draft): Draft {
  const { session, roll } = kept;
  return {
    ...now,
    id,
    text: kept.text ?? '',
    corrections: kept.corrections ?? [],
    partners: kept.partners ?? [],
    struck: kept.struck ?? [],
    finished: kept.finished ?? [],
    cuts: kept.cuts ?? [],
    taps: kept.taps ?? [],
    points: kept.points ?? [],
    partner: roll?.partner ?? '',
    kind: roll?.kind ?? now.kind,
    intensity: roll?.intensity ?? now.intensity,
    minutes: roll?.minutes ?? null,
    starts: roll?.starts ? { kept: roll.starts.kept ?? 0, lost: roll.starts.lost ?? 0 } : null,
    intent: roll?.intent ?? '',
    date: session?.date ?? now.date,
    asOf: now.asOf,
    event: roll?.event ?? '',
    sessionKind: session?.kind ?? now.sessionKind,
    attire: session?.attire ?? now.attire,
    time: session?.time ?? '',
    energy: session?.state?.energy ?? '',
    sore: session?.state?.sore ?? [],
    mission: {
      text: roll?.mission?.text ?? '',
      checks: noMission().checks.map((empty, i) => {
        const check = roll?.mission?.checks?.[i];
        return check
          ? {
              text: check.text ?? '',
              done: check.done ?? false,
              met: check.met ?? null,
              of: check.of ?? null,
            }
          : empty;
      }),
    },
  };
}

const text = v.fallback(v.string(), '');
const said = v.fallback(v.optional(v.string()), undefined);
const words = v.fallback(v.array(v.string()), []);
const list = v.fallback(v.array(v.looseObject({})), []);
const tags = v.fallback(
  // Once they were one text with commas.
  v.union([
    v.array(v.string()),
    v.pipe(
      v.string(),
      v.transform((typed) =>
        typed
          .split(',')
          .map((word) => word.trim())
          .filter(Boolean),
      ),
    ),
  ]),
  [],
);
const count = v.fallback(v.nullable(v.number()), null);
const check = v.object({ text, done: v.fallback(v.boolean(), false), met: count, of: count });

/** The shape of a draft as it was kept: what is missing or of another kind is as in a new one, and the text is never lost for it. */
const shape = v.object({
  id: v.fallback(v.optional(v.pipe(v.string(), v.minLength(1))), undefined),
  text,
  partner: text,
  kind: said,
  intensity: said,
  minutes: v.fallback(v.nullable(v.number()), null),
  starts: v.fallback(v.nullable(v.object({ kept: v.number(), lost: v.number() })), null),
  intent: said,
  date: said,
  asOf: text,
  event: text,
  sessionKind: said,
  attire: said,
  time: text,
  energy: text,
  sore: tags,
  mission: v.fallback(v.optional(v.object({ text, checks: v.pipe(v.array(check), v.length(3)) })), undefined),
  corrections: list,
  partners: list,
  struck: words,
  finished: list,
  cuts: list,
  taps: words,
  points: words,
});

/** A draft from what was kept of it; null when it is none. */
export function readDraft(kept: unknown): Draft | null {
  const read = v.safeParse(shape, kept);
  if (!read.success) return null;
  const known = Object.fromEntries(Object.entries(read.output).filter(([, value]) => value !== undefined));
  return { ...fresh(), ...known } as Draft;
}
