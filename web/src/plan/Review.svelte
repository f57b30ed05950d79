<!-- Was it done, did it change, what did it bring, and what next. -->
<script lang="ts">
  import { api, got } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import Failed from '../kit/Failed.svelte';
  import Waiting from '../kit/Waiting.svelte';

  let { block }: { block: string } = $props();

  const asked = resource(() =>
    got(api.GET('/api/plan/blocks/{id}/review', { params: { path: { id: block } } })),
  );
  const review = $derived(asked.value);
</script>

<Failed of={asked} />
{#if asked.waiting}<Waiting what="Looking back" />{/if}
{#if review}
  <p>{review.done}</p>
  {#each review.focuses as focus (focus.say)}
    <div>
      <strong>{focus.say}</strong>
      <p>{focus.changed}</p>
      {#if focus.brought}<p class="quiet">{focus.brought}</p>{/if}
      <p><b>{focus.proposed}</b>? {focus.why}</p>
    </div>
  {/each}
{/if}

<style>
  div {
    padding: 0.5rem 0;
    border-top: 1px solid var(--color-grain);
  }
  b {
    display: inline-block;
    text-transform: capitalize;
  }
</style>
