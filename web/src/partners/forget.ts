import { keep, kept, places } from '../base/storage';
import * as v from 'valibot';

// What waits in this browser: tellings begun, and rolls on their way.
const held = ['outbox', 'draft'];

/** Puts "someone" where these names stand in what waits in this browser. */
export function forgetHere(names: readonly string[]) {
  const parts = names.filter((n) => n.trim()).map((n) => n.trim().replace(/[.*+?^${}()|[\]\\]/g, '\\$&'));
  if (parts.length === 0) return;
  const found = new RegExp(
    `(?<![\\p{L}\\p{N}])(?:${parts.sort((a, b) => b.length - a.length).join('|')})(?![\\p{L}\\p{N}])`,
    'giu',
  );
  for (const place of held.flatMap((beginning) => places(beginning))) {
    const value = kept(place, v.unknown());
    if (value !== null) keep(place, without(value, found));
  }
}

function without(value: unknown, found: RegExp): unknown {
  if (typeof value === 'string') return value.replace(found, 'someone');
  if (Array.isArray(value)) return value.map((one) => without(one, found));
  if (value !== null && typeof value === 'object')
    return Object.fromEntries(Object.entries(value).map(([name, one]) => [name, without(one, found)]));
  return value;
}
