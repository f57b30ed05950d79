import { router } from 'svelte-spa-router';
import { api, got } from '../api/client';
import { today } from '../base/words';
import type { Draft } from './draft';

/** Who comes from a match day to tell a match has its day, its attire and its kind set; whom it was against is given back. */
export async function presetMatch(draft: Draft): Promise<string> {
  const asked = new URLSearchParams(router.querystring ?? '');
  const id = asked.get('match');
  if (!id) return '';
  const day = await got(api.GET('/api/matches/{id}', { params: { path: { id } } })).catch(() => null);
  if (!day) return '';
  Object.assign(draft, {
    event: id,
    date: day.day.date ?? draft.date,
    asOf: today(),
    sessionKind: 'competition',
    attire: day.day.attire ?? draft.attire,
    kind: 'match',
  });
  return asked.get('with') ?? '';
}
