import * as v from 'valibot';
import { kept, places } from '../base/storage';

const first = 'draft';
const told = v.looseObject({ text: v.string() });

const isTold = (place: string) => !!kept(place, told)?.text.trim();

/** Held by this tab for as long as it is open. */
let held: Promise<string> | undefined;

/** Whether a place is the one that the server keeps a copy of under the plain name. */
export const isFirst = (place: string) => place === first;

/** A place for drafts that no other open tab holds: one with something in it before an empty one. */
export function ownPlace(): Promise<string> {
  held ??= (async () => {
    const known = [first, ...places(`${first}-`)];
    const ordered = [
      ...known.filter(isTold),
      ...known.filter((place) => !isTold(place)),
      `${first}-${crypto.randomUUID()}`,
    ];
    for (const place of ordered) if (await hold(place)) return place;
    return first;
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
