import { push } from 'svelte-spa-router';
import { api, got, type Schemas } from '../api/client';
import { tell, tellTrouble } from '../kit/notices';

/** Makes an exchange a focus, of a new block or beside those of the one that runs, and goes to Plan, where it is laid out. */
export async function drill(way: Schemas['Way'] & { reason?: string }, said = 'It is laid out in rounds.') {
  try {
    await got(api.POST('/api/focus', { body: way }));
    tell({ text: said, onward: true });
    await push('/plan');
  } catch (error) {
    tellTrouble(error);
  }
}
