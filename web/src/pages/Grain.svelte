<script lang="ts">
  import { push } from 'svelte-spa-router';
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { weeksAgo } from '../base/words';
  import Failed from '../kit/Failed.svelte';
  import Waiting from '../kit/Waiting.svelte';
  import CostNav from '../parts/CostNav.svelte';
  import GrainDrawing from '../parts/GrainDrawing.svelte';
  import GrainPlace from '../parts/GrainPlace.svelte';
  import { drill } from '../parts/drill';
  import WindowFilter from '../parts/WindowFilter.svelte';
  import { need, terms } from '../parts/trade.svelte';
  import PartnerFilter from '../parts/PartnerFilter.svelte';

  need(terms);
  let partner = $state('');
  let attire = $state<Schemas['Attire'] | ''>('');
  let weeks = $state(0);
  const filtered = $derived(partner !== '' || attire !== '' || weeks > 0);

  const asked = resource(() =>
    got(
      api.GET('/api/grain', {
        params: {
          query: {
            partner: partner || undefined,
            attire: attire || undefined,
            first: weeks ? weeksAgo(weeks) : undefined,
          },
        },
      }),
    ),
  );
  const grain = $derived(asked.value);

  let wanted = $state<string | null>(null);
  let strand = $state<number>();
  const knot = $derived(grain?.knots.find((k) => k.id === wanted) ?? grain?.knots[0]);

  // What is thought through: the power of two of each way out that was moved.
  let powers = $state<Record<string, number>>({});
  const keyOf = (way: Schemas['Way']) => `${way.from} ${way.by} ${way.move ?? way.to}`;
  const moved = $derived((grain?.ways ?? []).map((out) => out.way).filter((way) => powers[keyOf(way)]));
  const changes = $derived(moved.map((way) => ({ ...way, odds: 2 ** (powers[keyOf(way)] ?? 0) })));
  const thought = resource(async () =>
    changes.length === 0 || filtered
      ? null
      : got(api.POST('/api/what-if', { body: { against: 'usual', changes } })),
  );
  function drillFirst() {
    const [way] = moved;
    if (!way) return;
    void drill(
      { ...way, reason: thought.value?.answer.say },
      'It is laid out in rounds, with what it would bring.',
    );
  }

  const flows = $derived((changes.length > 0 && thought.value?.flows) || (grain?.flows ?? []));
</script>

<svelte:head><title>Grain · Ash Notch</title></svelte:head>

<h1>The grain of your rolls</h1>
<CostNav />
<Failed of={asked} />
{#if asked.waiting}<Waiting what="Following the grain" />{/if}
<div class="narrowing">
  <PartnerFilter bind:partner onchange={() => (powers = {})} />
  <WindowFilter bind:attire bind:weeks onchange={() => (powers = {})} />
</div>
{#if grain && grain.knots.every((k) => k.seen === 0)}
  <p class="my-4">
    {filtered
      ? 'No rolls of that kind. Widen what you look at.'
      : 'No grain yet: it grows with every roll you log.'}
  </p>
  {#if !filtered}<button class="do" onclick={() => push('/log')}>Log a roll</button>{/if}
{:else if grain && knot}
  <p class="quiet">
    From "they finish" at the foot to "I finish" at the top. A place is a knot in the wood; your moves and
    theirs are the strands that run from knot to knot, one for each time in {strand} rolls. Choose a knot to see
    what comes in and goes out.
  </p>
  <div class="both">
    <div class="map">
      <GrainDrawing
        knots={grain.knots}
        {flows}
        chosen={wanted}
        onchoose={(id) => (wanted = id)}
        bind:strand
      />
    </div>
    <section class="plank" aria-labelledby="place">
      <label class="field"
        ><span>Place</span><select value={knot.id} onchange={(event) => (wanted = event.currentTarget.value)}>
          {#each grain.knots as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
        </select></label
      >
      {#if changes.length > 0 && thought.value}
        <div class="thought" role="status">
          <p><b>{thought.value.answer.say}</b></p>
          <p class="quiet">Then first in line: {thought.value.answer.first.join('; ')}.</p>
          <button class="may" onclick={() => (powers = {})}>As it is</button>
          {#if changes.length === 1}<button class="do" onclick={drillFirst}>Drill this</button>{/if}
        </div>
      {/if}
      <GrainPlace
        {knot}
        knots={grain.knots}
        {flows}
        ways={filtered ? [] : grain.ways}
        power={(out) => powers[keyOf(out.way)] ?? 0}
        onmove={(out, at) => (powers[keyOf(out.way)] = at)}
      />
    </section>
  </div>
{/if}

<style>
  .both {
    display: grid;
    grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
    gap: 1.75rem;
    margin-top: 0.75rem;
    align-items: start;
  }
  section {
    padding: 1rem 1.25rem;
  }
  section > :global(h2) {
    margin-top: 0.75rem;
  }
  .map {
    position: sticky;
    top: 4.5rem;
  }
  .thought {
    position: sticky;
    top: 54px;
    z-index: 2;
    background: var(--color-raised);
    padding-block: 0.5rem;
    border-left: 4px solid var(--color-ink);
    padding-left: 0.75rem;
    margin-top: 0.75rem;
  }
  @media (max-width: 900px) {
    .both {
      grid-template-columns: minmax(0, 1fr);
    }
    .map {
      position: static;
    }
    .thought {
      top: 0;
    }
  }
</style>
