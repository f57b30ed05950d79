import * as v from 'valibot';
import { api, got, Trouble, type Schemas } from '../api/client';
import { keep, kept as keptIn } from '../base/storage';
import { tell } from '../kit/notices';

export interface Waiting {
  id: string;
  body: Schemas['RollTold'];
  /** Why it was refused; it is not sent again until it was put right. */
  refused?: string;
}

const place = 'outbox';

const shape = v.array(
  v.object({
    id: v.string(),
    body: v.looseObject({ text: v.string() }),
    refused: v.optional(v.string()),
  }),
);

const kept = () => (keptIn(place, shape) ?? []) as Waiting[];

/** Rolls that could not be saved because nothing answered; they go by themselves when something does. */
export const outbox = $state<{ waiting: Waiting[] }>({ waiting: kept() });

function put(waiting: Waiting[]) {
  outbox.waiting = waiting;
  keep(place, waiting);
}

export const send = ({ id, body }: Waiting) =>
  got(api.PUT('/api/rolls/{id}/telling', { params: { path: { id } }, body }));

export function queue(roll: Waiting) {
  put([...kept().filter((w) => w.id !== roll.id), roll]);
  soon();
}

let timer: ReturnType<typeof setTimeout> | undefined;

function soon() {
  clearTimeout(timer);
  timer = setTimeout(flush, 2500);
}

let flushing = false;

/** Sends what waits, oldest first. Saving the same roll twice is saving it once, so a second try does no harm. */
export async function flush() {
  if (flushing) return;
  flushing = true;
  try {
    for (const roll of kept().filter((w) => !w.refused)) {
      try {
        await send(roll);
        put(kept().filter((w) => w.id !== roll.id));
        if (kept().length === 0) tell({ text: 'What waited is saved.' });
      } catch (error) {
        if (!(error instanceof Trouble) || error.status === 0 || error.status >= 500) break;
        put(kept().map((w) => (w.id === roll.id ? { ...w, refused: (error as Trouble).message } : w)));
      }
    }
  } finally {
    flushing = false;
    outbox.waiting = kept();
    if (outbox.waiting.some((w) => !w.refused)) soon();
  }
}

/** Takes a roll out, to be told on. */
export function takeBack(id: string) {
  put(kept().filter((w) => w.id !== id));
}

window.addEventListener('online', () => void flush());
if (outbox.waiting.some((w) => !w.refused)) soon();
