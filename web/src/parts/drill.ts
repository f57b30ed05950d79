import { push } from 'svelte-spa-router';
import { api, got, type Schemas } from '../api/client';
import { tell, tellTrouble } from '../kit/notices';

/** Makes an exchange the focus and goes to Today, where it stands. */
export async function drill(way: Schemas['Way'] & { reason?: string }, said = 'That is your focus now.') {
  try {
    await got(api.POST('/api/focus', { body: way }));
    tell({ text: said });
    await push('/');
  } catch (error) {
    tellTrouble(error);
  }
}
