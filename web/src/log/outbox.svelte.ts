import * as v from 'valibot';
import { api, got, Trouble, type Schemas } from '../api/client';
import { namesHidden } from '../base/names-hidden';
import { drop, keep, kept as keptIn, written } from '../base/storage';
import { tell } from '../kit/notices';

export interface Waiting {
  id: string;
  body: Schemas['RollTold'];
  /** Why it was refused; it is not sent again until it was put right. */
  refused?: string;
  /** The same, by the field at fault. */
  faults?: Record<string, string[]>;
}

const place = 'outbox';

const one = v.object({
  id: v.string(),
  body: v.looseObject({ text: v.string() }),
  refused: v.optional(v.string()),
  faults: v.optional(v.record(v.string(), v.array(v.string()))),
});

// What lay among them and cannot be read: set aside, shown, and kept until it is let go of.
const aside = 'outbox-unreadable';
const setAside = () => keptIn(aside, v.array(v.string())) ?? [];
const asText = (entry: unknown) => (typeof entry === 'string' ? entry : JSON.stringify(entry, null, 1));
/** Where this browser is too full to set it aside, it stays where it lies. */
let strange: unknown[] = [];

// One that cannot be read takes none of the others along.
function inBrowser(): Waiting[] {
  const whole = written(place);
  if (whole === null) return [];
  const all = keptIn(place, v.array(v.unknown()));
  const good = (all ?? []).filter((w) => v.is(one, w)) as Waiting[];
  strange = all ? all.filter((w) => !v.is(one, w)) : [whole];
  if (strange.length > 0 && keep(aside, [...setAside(), ...strange.map(asText)]) && keep(place, good))
    strange = [];
  return good;
}

function unreadable(): string[] {
  return [...setAside(), ...strange.map(asText)];
}

/** Rolls on their way into the log: those under way, those that wait until something answers, those that were refused. */
export const outbox = $state({
  waiting: inBrowser(),
  /** This browser holds them too; otherwise only the open page does. */
  safe: true,
  /** What could not be read, as it is written. */
  unreadable: unreadable(),
  /** What the program said when it could not keep one, where it answered. */
  trouble: '',
});
/** Under way for the first time; shown as waiting only when that fails. */
const onTheirWay = $state<{ ids: string[] }>({ ids: [] });

/** Those that could not be delivered yet. */
export const stuck = () => outbox.waiting.filter((w) => !w.refused && !onTheirWay.ids.includes(w.id));

// Other tabs write to the same place, so it is asked anew, unless the browser no longer takes what it is given.
const now = () => (outbox.safe ? inBrowser() : $state.snapshot(outbox.waiting)) as Waiting[];

function put(waiting: Waiting[]) {
  outbox.waiting = waiting;
  outbox.safe = keep(place, [...waiting, ...strange]) || waiting.length === 0;
}

async function send({ id, body }: Waiting) {
  if (namesHidden()) throw new Trouble('Names are hidden; it is kept when they are shown again.');
  return got(api.PUT('/api/rolls/{id}/telling', { params: { path: { id } }, body }));
}

let line: Promise<unknown> = Promise.resolve();

/** One after the other, so that the rolls of a class stay in their order. */
function inTurn<T>(work: () => Promise<T>): Promise<T> {
  const turn = line.then(work, work);
  line = turn.catch(() => undefined);
  return turn;
}

const mayComeLater = (error: unknown): error is Trouble =>
  error instanceof Trouble && (error.status === 0 || error.status >= 500);

/**
 * Sends a roll and says what became of it: kept, waiting until something answers, or refused. It is in the outbox before it is on its way, so
 * that nothing is lost whatever happens meanwhile.
 */
export function deliver(roll: Waiting): Promise<Schemas['ToldAndKept'] | 'waits' | Waiting> {
  put([...now().filter((w) => w.id !== roll.id), roll]);
  onTheirWay.ids = [...onTheirWay.ids, roll.id];
  return inTurn(async () => {
    try {
      const kept = await send(roll);
      takeBack(roll.id);
      return kept;
    } catch (error) {
      if (mayComeLater(error)) {
        outbox.trouble = error.status === 0 ? '' : error.message;
        soon();
        return 'waits';
      }
      return refuse(roll.id, error);
    } finally {
      onTheirWay.ids = onTheirWay.ids.filter((id) => id !== roll.id);
    }
  });
}

function refuse(id: string, error: unknown): Waiting {
  const refused = error instanceof Error ? error.message : 'it could not be kept.';
  const faults = error instanceof Trouble ? error.fields : {};
  put(now().map((w) => (w.id === id ? { ...w, refused, faults } : w)));
  return outbox.waiting.find((w) => w.id === id)!;
}

let timer: ReturnType<typeof setTimeout> | undefined;

function soon() {
  clearTimeout(timer);
  timer = setTimeout(flush, 2500);
}

/** Sends what waits, oldest first. Saving the same roll twice is saving it once, so a second try does no harm. */
function flush() {
  return inTurn(async () => {
    let sent = 0;
    for (const roll of now().filter((w) => !w.refused && !onTheirWay.ids.includes(w.id))) {
      try {
        await send(roll);
        takeBack(roll.id);
        sent++;
      } catch (error) {
        if (mayComeLater(error)) {
          outbox.trouble = error.status === 0 ? '' : error.message;
          break;
        }
        refuse(roll.id, error);
      }
    }
    outbox.waiting = now();
    outbox.unreadable = unreadable();
    if (stuck().length > 0) soon();
    else if (sent > 0) tell({ text: 'What waited is saved.' });
  });
}

/** What could not be read was looked at, and is let go of. */
export function letGo() {
  const good = now();
  strange = [];
  put(good);
  drop(aside);
  outbox.unreadable = [];
}

/** Takes a roll out: it is kept, or told on. */
export function takeBack(id: string) {
  put(now().filter((w) => w.id !== id));
}

window.addEventListener('online', () => void flush());
if (stuck().length > 0) soon();
