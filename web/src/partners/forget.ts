import { api, got, type Schemas } from '../api/client';
import { keep, kept, places } from '../base/storage';
import * as v from 'valibot';

// What waits in this browser: tellings begun, and rolls on their way.
const held = ['outbox', 'draft'];

/** Puts "someone" where a partner's names stand in what waits in this browser; the server knows what is a name and what is not. */
export async function forgetHere(partner: Schemas['PartnerDocument']) {
  const waiting = held
    .flatMap((beginning) => places(beginning))
    .map((place) => ({ place, written: JSON.stringify(kept(place, v.unknown())) }))
    .filter((w) => w.written !== 'null');
  if (waiting.length === 0) return;
  const without = await got(
    api.POST('/api/forgotten/without', {
      body: {
        partner: { id: partner.id, name: partner.name, alsoCalled: partner.alsoCalled },
        documents: waiting.map((w) => w.written),
      },
    }),
  );
  for (const [i, { place, written }] of waiting.entries())
    if (without[i] && without[i] !== written) keep(place, JSON.parse(without[i]));
}
