import type { Schemas } from '../api/client';
import { isSame, whereNow } from '../base/apart';
import type { NotchAt } from './open-roll.svelte';

type Exchanges = Schemas['RollDocument']['exchanges'];

type Notch = Schemas['NotchDocument'];

// What tells a notch from another; its note or its side may be said later.
const telling = ['by', 'move', 'from', 'to', 'outcome', 'at', 'span'] as const satisfies (keyof Notch)[];

/** More of what tells them apart is the same than is not: one is the other, changed. */
function isLike(one: Notch, other: Notch) {
  const said = telling.filter((field) => !isSame(one[field], null) || !isSame(other[field], null));
  return said.filter((field) => isSame(one[field], other[field])).length * 2 > said.length;
}

const flat = (exchanges: Exchanges) =>
  (exchanges ?? []).flatMap((e, exchange) =>
    (e.notches ?? []).map((notch, n) => ({ notch, at: { exchange, notch: n } })),
  );

/**
 * Where a notch stands after somebody else changed its roll: known by what it was, never by its place alone. It is the same, was changed, or
 * was taken out; then its place is where it would go.
 */
export function notchNow(
  before: Exchanges,
  now: Exchanges,
  at: NotchAt,
): { at: NotchAt; became: 'same' | 'changed' | 'gone' } {
  const [was, is] = [flat(before), flat(now)];
  const index = was.findIndex((n) => n.at.exchange === at.exchange && n.at.notch === at.notch);
  const found = whereNow(
    was.map((n) => n.notch),
    is.map((n) => n.notch),
    index,
  );
  const there = is[found.at];
  if (there && found.same) return { at: there.at, became: 'same' };
  if (there && found.same === false && isLike(was[index]!.notch, there.notch))
    return { at: there.at, became: 'changed' };
  // Right after the one before it, or first of all.
  const last = is[found.at - 1]?.at;
  return {
    at: last ? { exchange: last.exchange, notch: last.notch + 1 } : { exchange: 0, notch: 0 },
    became: 'gone',
  };
}

/** Where a new notch goes that was to stand at a place. */
export function placeNow(before: Exchanges, now: Exchanges, at: NotchAt): NotchAt {
  if (at.notch === 0)
    return { exchange: Math.min(at.exchange, Math.max(0, (now?.length ?? 1) - 1)), notch: 0 };
  const after = notchNow(before, now, { exchange: at.exchange, notch: at.notch - 1 });
  return after.became === 'gone' ? after.at : { ...after.at, notch: after.at.notch + 1 };
}
