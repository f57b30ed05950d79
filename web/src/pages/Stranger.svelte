<!-- An opponent without rolls: what is said of them and by whom, what people of that belt do, and later what happened. -->
<script lang="ts">
  import { link } from 'svelte-spa-router';
  import { api, got } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import Failed from '../kit/Failed.svelte';
  import Waiting from '../kit/Waiting.svelte';
  import RollRow from '../parts/RollRow.svelte';
  import Heeds from '../partners/Heeds.svelte';

  let { params }: { params: { id: string; name: string } } = $props();

  const opponent = $derived(params.name);
  const asked = resource(() =>
    got(api.GET('/api/strangers', { params: { query: { day: params.id, opponent } } })),
  );
  const now = $derived(asked.value);
  const plans = $derived(
    (
      [
        ['Starts with', now?.scouting.starts],
        ['Plan A', now?.scouting.planA],
        ['Not', now?.scouting.avoid],
        ['With a lead', now?.scouting.lead],
      ] as const
    ).filter(([, said]) => said),
  );
</script>

<svelte:head><title>{opponent} · Ash Notch</title></svelte:head>

<p>
  <a
    class="inline-flex min-h-[44px] items-center"
    href="/matches/day/{encodeURIComponent(params.id)}"
    use:link>{now?.dayName ?? 'The match day'}</a
  >
</p>
<h1>{opponent}</h1>
<Failed of={asked} />
{#if asked.waiting && !now}<Waiting what="Asking around" />{/if}
{#if now}
  <p class="quiet">
    {now.scouting.belt ? `${now.scouting.belt} belt. ` : ''}{now.happened.length > 0
      ? 'Hearsay before, and what happened since.'
      : 'Hearsay: nobody of your log has rolled with them.'}
  </p>
  <section aria-labelledby="said">
    <h2 id="said">What is said of them</h2>
    {#each now.scouting.known ?? [] as one, i (i)}
      <p>{one.text} <span class="quiet">({one.from ? `${one.from} says` : 'nobody named'})</span></p>
    {:else}<p class="quiet">Nothing yet.</p>{/each}
    {#each plans as [name, said] (name)}<p><strong>{name}:</strong> {said}</p>{/each}
  </section>
  {#if now.heeds.length > 0}
    <section class="plank first" aria-labelledby="like">
      <h2 id="like">From your own log</h2>
      <Heeds heeds={now.heeds} />
    </section>
  {/if}
  {#if now.happened.length > 0}
    <section aria-labelledby="happened">
      <h2 id="happened">What happened</h2>
      {#if now.scouting.held}<p>What held: {now.scouting.held}</p>{/if}
      {#each now.landed as said (said)}<p>{said}</p>{/each}
      {#each now.happened as row (row.id)}<RollRow {row} dated />{/each}
    </section>
  {/if}
{/if}

<style>
  section {
    margin-top: 1.25rem;
  }
  .first {
    padding: 0.875rem 1.25rem;
    border-left: 5px solid var(--color-ink);
  }
</style>
