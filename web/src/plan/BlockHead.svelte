<!-- The block that runs: its days, its focuses with the rung each has come to, and ending it. -->
<script lang="ts">
  import { api, got, type Schemas } from '../api/client';
  import { day } from '../base/words';
  import { tell, tellTrouble } from '../kit/notices';
  import Terms from '../parts/Terms.svelte';
  import Review from './Review.svelte';
  import Verdicts from './Verdicts.svelte';

  let { view, onchanged }: { view: Schemas['BlockView']; onchanged: () => void } = $props();

  type Change = Schemas['BlockChange'];
  const id = $derived(view.block.id ?? '');
  let ending = $state(false);
  let looking = $state(false);

  async function change(body: Change, said: string) {
    try {
      await got(api.POST('/api/plan/blocks/{id}', { params: { path: { id } }, body }));
      tell({ text: said });
      onchanged();
    } catch (error) {
      tellTrouble(error);
    }
  }
</script>

<section class="plank" aria-labelledby="block">
  <h2 id="block">{day(view.block.start)} to {day(view.block.end)}</h2>
  {#each view.focuses as focus, i (focus.say)}
    <div class="focus">
      <p class:lead={i === 0}>{focus.say}</p>
      {#if focus.why}<p class="quiet">{focus.why}</p>{/if}
      <div class="rung">
        <Terms
          label="Rung"
          of="rungs"
          value={focus.rung}
          onchoose={(rung) => change({ focus: i, rung }, 'Moved.')}
        />
      </div>
    </div>
  {/each}
  {#if view.block.reason}<p class="quiet">Chosen because: {view.block.reason}</p>{/if}
  <details ontoggle={(event) => (looking ||= event.currentTarget.open)}>
    <summary>Did it change? Look back</summary>
    {#if looking}<Review block={id} />{/if}
  </details>
  {#if ending}
    {#if !looking}<Review block={id} />{/if}
    <p>What becomes of it?</p>
    <div class="narrowing">
      <Verdicts onchoose={(verdict) => change({ verdict }, 'The block is ended.')} />
      <button class="may" onclick={() => (ending = false)}>Go on with the block</button>
    </div>
  {:else}
    <button class="may" onclick={() => (ending = true)}>End this block</button>
  {/if}
</section>

<style>
  section {
    padding: 1rem 1.25rem;
    display: grid;
    gap: 0.5rem;
    justify-items: start;
  }
  details {
    width: 100%;
  }
  .focus {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 10rem;
    gap: 0 1rem;
    width: 100%;
    padding-bottom: 0.5rem;
    border-bottom: 1px solid var(--color-grain);
  }
  .rung {
    grid-column: 2;
    grid-row: 1 / span 2;
  }
  @media (max-width: 700px) {
    .focus {
      grid-template-columns: minmax(0, 1fr);
    }
    .rung {
      grid-column: 1;
      grid-row: auto;
    }
  }
  .lead {
    font-family: var(--typo-heading--font-family);
    font-size: 1.375rem;
    font-weight: 650;
    line-height: 1.25;
  }
</style>
