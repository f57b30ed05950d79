import { api, got, type Schemas } from '../api/client';
import { listed, today } from '../words';

type RollTerms = Required<Schemas['RollDocument']>;
type SessionTerms = Required<Schemas['SessionDocument']>;

export interface Draft {
  id: string;
  text: string;
  partner: string;
  kind: NonNullable<RollTerms['kind']>;
  intensity: NonNullable<RollTerms['intensity']>;
  minutes: number | null;
  date: string;
  sessionKind: NonNullable<SessionTerms['kind']>;
  attire: NonNullable<SessionTerms['attire']>;
  time: string;
  energy: NonNullable<Schemas['DayStateDocument']['energy']> | '';
  sore: string;
  mission: Mission;
  corrections: Schemas['CorrectionView'][];
  /** Which partners the names in the telling mean, where it was said. */
  partners: Schemas['NamedPartner'][];
}

/** What one set out to do, with up to three checks to tick; those without words are not kept. */
export interface Mission {
  text: string;
  checks: { text: string; done: boolean }[];
}

type Told = Pick<Draft, 'text' | 'corrections' | 'partners'>;

const noMission = (): Mission => ({
  text: '',
  checks: [1, 2, 3].map(() => ({ text: '', done: false })),
});

/** A draft for the next roll: the session, the mission and the presets of the one before are carried over. */
export const fresh = (before?: Draft): Draft => ({
  id: crypto.randomUUID(),
  text: '',
  partner: '',
  kind: before?.kind ?? 'free',
  intensity: before?.intensity ?? 'steady',
  minutes: before?.minutes ?? 6,
  date: before?.date ?? today(),
  sessionKind: before?.sessionKind ?? 'class',
  attire: before?.attire ?? 'gi',
  time: before?.time ?? '',
  energy: before?.energy ?? '',
  sore: before?.sore ?? '',
  mission: before
    ? { text: before.mission.text, checks: before.mission.checks.map(({ text }) => ({ text, done: false })) }
    : noMission(),
  corrections: [],
  partners: [],
});

/** A draft as the server keeps it. */
export const toKeep = (told: Draft): Schemas['RollTold'] => ({
  text: told.text,
  corrections: told.corrections,
  partners: told.partners,
  session: {
    date: told.date,
    kind: told.sessionKind,
    attire: told.attire,
    time: told.time || undefined,
    state:
      told.energy || told.sore.trim()
        ? { energy: told.energy || undefined, sore: listed(told.sore) }
        : undefined,
  },
  roll: {
    partner: told.partner || undefined,
    kind: told.kind,
    intensity: told.intensity,
    minutes: told.minutes ?? undefined,
    mission: told.mission.text.trim()
      ? { text: told.mission.text.trim(), checks: told.mission.checks.filter((c) => c.text.trim()) }
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
    partner: roll?.partner ?? '',
    kind: roll?.kind ?? now.kind,
    intensity: roll?.intensity ?? now.intensity,
    minutes: roll?.minutes ?? null,
    date: session?.date ?? now.date,
    sessionKind: session?.kind ?? now.sessionKind,
    attire: session?.attire ?? now.attire,
    time: session?.time ?? '',
    energy: session?.state?.energy ?? '',
    sore: (session?.state?.sore ?? []).join(', '),
    mission: {
      text: roll?.mission?.text ?? '',
      checks: noMission().checks.map((empty, i) => {
        const check = roll?.mission?.checks?.[i];
        return check ? { text: check.text ?? '', done: check.done ?? false } : empty;
      }),
    },
  };
}

const isTold = (place: string) => {
  try {
    return !!(JSON.parse(localStorage.getItem(place) ?? '{}') as Partial<Draft>).text?.trim();
  } catch {
    return false;
  }
};

/** Held by this tab for as long as it is open. */
let held: Promise<string> | undefined;

/** A place for drafts that no other open tab holds: one with something in it before an empty one. */
function ownPlace(): Promise<string> {
  held ??= (async () => {
    const places = ['draft', ...Object.keys(localStorage).filter((k) => k.startsWith('draft-'))];
    const ordered = [
      ...places.filter(isTold),
      ...places.filter((p) => !isTold(p)),
      `draft-${crypto.randomUUID()}`,
    ];
    for (const place of ordered) if (await hold(place)) return place;
    return 'draft';
  })();
  return held;
}

const hold = (place: string) =>
  new Promise<boolean>((done) => {
    if (!navigator.locks) return done(true);
    void navigator.locks.request(`ash-notch ${place}`, { ifAvailable: true }, (lock) => {
      done(lock !== null);
      return lock ? new Promise(() => {}) : undefined;
    });
  });

/** The roll being told: kept on every change, at once in the browser and soon after on the server. */
export class LogDraft {
  now = $state<Draft>(fresh());
  kept = $state(true);
  ready = $state(false);
  private past = $state<Told[]>([]);
  private future = $state<Told[]>([]);
  private timer: ReturnType<typeof setTimeout> | undefined;

  canUndo = $derived(this.past.length > 0 || this.now.text.trim() !== '');
  canRedo = $derived(this.future.length > 0);

  /** Where it is kept; every open tab has a place of its own, so that none overwrites another. */
  private place = 'draft';
  /** Its name on the server. */
  get name() {
    return this.beside ? this.place : 'log';
  }
  /** Another tab is telling a roll, and this one has a draft of its own. */
  beside = $state(false);

  /** Takes up what was being told, from this browser or from the server; throws when the server does not answer. */
  async load() {
    this.place = await ownPlace();
    this.beside = this.place !== 'draft';
    const local = localStorage.getItem(this.place);
    try {
      const server = this.beside
        ? { body: null }
        : await got(api.GET('/api/drafts/{id}', { params: { path: { id: 'log' } } }));
      this.restore(local ?? server.body);
    } catch (error) {
      this.restore(local);
      throw error;
    } finally {
      this.ready = true;
    }
  }

  private restore(body: string | null | undefined) {
    if (!body) return;
    try {
      this.now = { ...fresh(), ...(JSON.parse(body) as Partial<Draft>) };
    } catch {
      // A draft that cannot be read is left where it is; a new one starts beside it.
    }
  }

  /** To be called in an effect: keeps whatever changed. */
  keep() {
    const body = JSON.stringify(this.now);
    if (!this.ready) return;
    localStorage.setItem(this.place, body);
    this.kept = false;
    clearTimeout(this.timer);
    this.timer = setTimeout(() => this.send(body), 400);
  }

  private async send(body: string) {
    try {
      await got(
        api.PUT('/api/drafts/{id}', {
          params: { path: { id: this.name } },
          body: { body },
        }),
      );
      this.kept = true;
    } catch {
      this.kept = false;
    }
  }

  next(told: Draft) {
    this.now = fresh(told);
    this.past = [];
    this.future = [];
  }

  /** A change by a button, which can be undone; typing has the browser's own undo. */
  change(change: () => void) {
    this.past = [...this.past.slice(-99), this.told()];
    this.future = [];
    change();
  }

  /** Takes the last change by a button back; with none on record, the last line or sentence. */
  undo = () => {
    if (this.past.length > 0) return this.step('past', 'future');
    const told = this.told();
    const shorter = told.text
      .trimEnd()
      .replace(/(^|[.!?\n]\s*)[^.!?\n]*[.!?]?$/, '$1')
      .trimEnd();
    this.future = [...this.future, told];
    this.now.text = shorter;
  };
  redo = () => this.step('future', 'past');

  private step(from: 'past' | 'future', to: 'past' | 'future') {
    const back = this[from].at(-1);
    if (!back) return;
    this[to] = [...this[to], this.told()];
    this[from] = this[from].slice(0, -1);
    Object.assign(this.now, back);
  }

  private told(): Told {
    const { text, corrections, partners } = this.now;
    return $state.snapshot({ text, corrections, partners }) as Told;
  }

  /** Puts a notch right; null takes it out. */
  correct(words: string, occurrence: number, notch: Schemas['NotchDocument'] | null) {
    this.change(() => {
      this.now.corrections = [
        ...this.now.corrections.filter((c) => c.words !== words || c.occurrence !== occurrence),
        { words, occurrence, notch },
      ];
    });
  }

  /** Says whom a name in the telling means. */
  mean(name: string, partner: string) {
    this.change(() => {
      this.now.partners = [
        ...this.now.partners.filter((p) => p.name !== name),
        ...(partner === '+' ? [] : [{ name, partner }]),
      ];
    });
  }

  /** Adds a line to the telling, as the tap board does. */
  addLine(line: string) {
    this.change(() => {
      const text = this.now.text.trimEnd();
      this.now.text = text === '' ? line : `${text}\n${line}`;
    });
  }
}
