import { push } from 'svelte-spa-router';
import { api, got, type Schemas } from '../api/client';
import { tell, tellTrouble } from '../kit/notices';

/** Makes an exchange the focus and goes to Today, where it stands. */
export async function drill(
  exchange: Pick<Schemas['FocusDocument'], 'from' | 'by' | 'move' | 'to' | 'reason'>,
  said = 'That is your focus now.',
) {
  try {
    await got(api.POST('/api/focus', { body: exchange }));
    tell({ text: said });
    await push('/');
  } catch (error) {
    tellTrouble(error);
  }
}
