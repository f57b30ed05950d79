import type { Schemas } from '../api/client';
import { plain, shown, times } from '../base/words';

/** What is known of a partner, in one line; empty when nothing is. */
export const about = (p: Schemas['PartnerDocument'], unit: string | null | undefined): string =>
  [
    p.belt ? `${p.belt}${p.stripes ? `, ${times(p.stripes, 'stripe')}` : ''}` : '',
    p.weightKg ? `${shown(p.weightKg, unit)} ${unit ?? 'kg'}` : plain(p.size),
    ...(p.traits ?? []),
    p.alsoCalled?.length ? `also ${p.alsoCalled.join(', ')}` : '',
  ]
    .filter(Boolean)
    .join(' · ');
