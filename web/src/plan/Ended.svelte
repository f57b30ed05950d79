<!-- A block that is over: look back on it, and decide what becomes of it. -->
<script lang="ts">
  import { api, got, type Schemas } from '../api/client';
  import { day } from '../base/words';
  import { tell, tellTrouble } from '../kit/notices';
  import Review from './Review.svelte';
  import Verdicts from './Verdicts.svelte';

  let { view, ondecided }: { view: Schemas['BlockView']; ondecided: () => void } = $props();
  const id = $derived(view.block.id ?? '');

  async function decide(verdict: NonNullable<Schemas['BlockChange']['verdict']>) {
    try {
      await got(api.POST('/api/plan/blocks/{id}', { params: { path: { id } }, body: { verdict } }));
      tell({ text: 'Decided.' });
      ondecided();
    } catch (error) {
      tellTrouble(error);
    }
  }
</script>

<section class="plank" aria-labelledby="ended">
  <h2 id="ended">The block of {day(view.block.start)} to {day(view.block.end)} is over</h2>
  <Review block={id} />
  <p>What becomes of it?</p>
  <div class="narrowing"><Verdicts onchoose={decide} /></div>
</section>

<style>
  section {
    padding: 1rem 1.25rem;
    display: grid;
    gap: 0.5rem;
    margin-bottom: 1.25rem;
    border-left: 5px solid var(--color-ink);
  }
</style>
