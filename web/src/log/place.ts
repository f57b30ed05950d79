import * as v from 'valibot';
import { drop, keep, kept, places } from '../base/storage';

const beginning = 'draft-';
const told = v.looseObject({ text: v.string() });

const isTold = (place: string) => !!kept(place, told)?.text.trim();
const lock = (place: string) => `ash-notch ${place}`;

/** Held by this tab for as long as it is open. */
let held: Promise<string> | undefined;

/** A place of this browser for the draft of this tab, which no other open tab holds: one with something in it before an empty one. */
export function ownPlace(): Promise<string> {
  held ??= (async () => {
    renameTheOldOne();
    const known = places(beginning);
    const ordered = [...known.filter(isTold), ...known.filter((place) => !isTold(place))];
    for (const place of ordered) if (await hold(place)) return place;
    const fresh = beginning + crypto.randomUUID();
    await hold(fresh);
    return fresh;
  })();
  return held;
}

/** The places of this browser with something told in them, each with whether another open tab is at it. */
export async function otherPlaces(own: string) {
  const open = await openLocks();
  return places(beginning)
    .filter((place) => place !== own && isTold(place))
    .map((place) => ({ place, open: open.has(lock(place)) }));
}

async function openLocks() {
  try {
    return new Set((await navigator.locks.query()).held?.map((l) => l.name));
  } catch {
    return new Set<string | undefined>();
  }
}

// Before drafts had a place each, the first tab's was called so.
function renameTheOldOne() {
  const old = kept('draft', v.unknown());
  if (old !== null && keep(beginning + crypto.randomUUID(), old)) drop('draft');
}

// A browser that denies its storage may deny its locks, too; then the place is this tab's anyway.
const hold = (place: string) =>
  new Promise<boolean>((done) => {
    try {
      navigator.locks
        .request(lock(place), { ifAvailable: true }, (got) => {
          done(got !== null);
          return got ? new Promise(() => {}) : undefined;
        })
        .catch(() => done(true));
    } catch {
      done(true);
    }
  });
