<script lang="ts">
  import { tick } from 'svelte';
  import { push } from 'svelte-spa-router';
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { times, weeksAgo } from '../base/words';
  import Failed from '../kit/Failed.svelte';
  import { tellTrouble } from '../kit/notices';
  import Segments from '../kit/Segments.svelte';
  import Waiting from '../kit/Waiting.svelte';
  import CostNav from '../parts/CostNav.svelte';
  import RollRow from '../parts/RollRow.svelte';
  import WhySpot from '../parts/WhySpot.svelte';
  import { drill } from '../parts/drill';
  import WindowFilter from '../parts/WindowFilter.svelte';
  import { need, terms } from '../parts/trade.svelte';

  need(terms);
  let aim = $state<Schemas['Aim'] | undefined>();
  let chosen = $state(1);
  let reason = $state('');
  let shown = $state(10);

  let against = $state<Schemas['Against']>('usual');
  let attire = $state<Schemas['Attire'] | ''>('');
  let weeks = $state(0);

  const asked = resource(() =>
    got(
      api.GET('/api/weak-spots', {
        params: {
          query: { aim, against, attire: attire || undefined, first: weeks ? weeksAgo(weeks) : undefined },
        },
      }),
    ),
  );
  const ranking = $derived(asked.value);
  const spot = $derived(ranking?.spots.find((s) => s.rank === chosen));
  const most = $derived(Math.max(...(ranking?.spots.map((s) => s.high) ?? [1])));
  const sticks = resource(async () => {
    const id = spot?.rolls.slice(0, 8) ?? [];
    return id.length === 0 ? [] : got(api.GET('/api/rolls', { params: { query: { id } } }));
  });
  const rolls = $derived(sticks.value ?? []);

  // A range may begin below nothing, and is drawn within the page.
  const at = (gain: number) => `${Math.max(0.2, Math.min(99.8, (100 * gain) / most))}%`;

  async function aimAt(next: Schemas['Aim']) {
    aim = next;
    chosen = 1;
    await got(api.PUT('/api/settings', { body: { aim: next } })).catch(tellTrouble);
  }

  let why = $state<HTMLElement>();

  // Where the reasons stand beneath the list, go to them.
  async function choose(rank: number) {
    chosen = rank;
    reason = '';
    await tick();
    if (window.matchMedia('(max-width: 900px)').matches) why?.scrollIntoView({ block: 'start' });
  }
</script>

<svelte:head><title>Weak spots · Ash Notch</title></svelte:head>

<header>
  <h1>What really costs you</h1>
  <Segments
    label="What you want of a roll"
    value={ranking?.aim}
    choices={(terms.value?.aims ?? []) as { id: Schemas['Aim']; say: string }[]}
    onchoose={aimAt}
  />
</header>
<CostNav />
<Failed of={asked} />
{#if asked.waiting}<Waiting what="Following the chain" />{/if}
<div class="filters">
  {#if terms.value}
    <Segments
      label="Against whom"
      value={against}
      choices={terms.value.againsts as { id: Schemas['Against']; say: string }[]}
      onchoose={(next) => (against = next)}
    />
    <WindowFilter bind:attire bind:weeks />
  {/if}
</div>
{#if ranking && ranking.spots.length === 0 && (attire || weeks)}
  <p class="my-4">No rolls of that kind. Widen what you look at.</p>
{:else if ranking && ranking.spots.length === 0}
  <p class="my-4">
    Nothing to rank yet. Log a few rolls and this page says which single exchange, if you got better at it,
    would change your rolls most: often not the tap you remember, but the pass two steps before it.
  </p>
  <button class="do" onclick={() => push('/log')}>Log a roll</button>
{:else if ranking}
  <p class="quiet">
    From {times(ranking.rolls, 'roll')} and {times(ranking.notches, 'notch', 'notches')}. The bar is what a
    roll would gain if theirs came off at half the odds, or yours at twice; the line beneath it says between
    what it likely lies.
  </p>
  {#if ranking.doubt}<p class="doubt">{ranking.doubt}</p>{/if}
  <div class="both">
    <ol class="spots">
      {#each ranking.spots.slice(0, shown) as s (s.rank)}
        <li>
          <button
            class:chosen={s.rank === chosen}
            aria-pressed={s.rank === chosen}
            onclick={() => choose(s.rank)}
          >
            <span class="rank">{s.rank}</span>
            <span class="say">{s.say}</span>
            <svg class="bar {s.by}" height="18" width="100%" aria-hidden="true">
              <rect width="{(100 * s.gainPerRoll) / most}%" height="10" />
              <line class="whisker" x1={at(s.low)} x2={at(s.high)} y1="14" y2="14" />
              <line class="whisker" x1={at(s.low)} x2={at(s.low)} y1="11" y2="17" />
              <line class="whisker" x1={at(s.high)} x2={at(s.high)} y1="11" y2="17" />
            </svg>
          </button>
        </li>
      {/each}
      {#if ranking.spots.length > shown}
        <li>
          <button class="may more" onclick={() => (shown += 20)}>Show more of {ranking.spots.length}</button>
        </li>
      {/if}
      {#if ranking.untested.length > 0}
        <li class="quiet left">
          {times(ranking.untested.length, 'exchange was', 'exchanges were')} seen only once and {ranking
            .untested.length === 1
            ? 'is'
            : 'are'} not ranked.
        </li>
      {/if}
    </ol>
    {#if spot}
      <section class="plank" aria-labelledby="why" bind:this={why}>
        <h2 id="why">Why number {spot.rank}</h2>
        <WhySpot {spot} />
        {#if spot.rank > 1}
          <label class="field"
            ><span>Why this one and not the first? (if you like)</span><input
              bind:value={reason}
              maxlength="300"
            /></label
          >
        {/if}
        <button
          class="do mt-3"
          onclick={() =>
            drill({
              from: spot.from,
              by: spot.by,
              move: spot.move ?? undefined,
              to: spot.move ? undefined : spot.to[0],
              reason: reason || undefined,
            })}>Drill this</button
        >
        <h3>
          {spot.rolls.length > rolls.length
            ? `The newest ${rolls.length} of ${spot.rolls.length} rolls`
            : times(spot.rolls.length, 'roll')}
        </h3>
        {#each rolls as row (row.id)}<RollRow {row} dated />{/each}
      </section>
    {/if}
  </div>
{/if}

<style>
  header {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem 2rem;
    align-items: center;
    justify-content: space-between;
    margin-bottom: 0.5rem;
  }
  .both {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 1.75rem;
    margin-top: 1rem;
    align-items: start;
  }
  .spots button:not(.more) {
    display: grid;
    grid-template-columns: 2rem minmax(0, 1fr);
    gap: 0.25rem 0.5rem;
    width: 100%;
    padding: 0.625rem 0.5rem;
    text-align: left;
    cursor: pointer;
    border-bottom: 1px solid var(--color-grain);
  }
  .spots button.chosen {
    background: var(--color-raised);
    box-shadow: inset 4px 0 0 var(--color-ink);
  }
  .rank {
    font-family: var(--typo-heading--font-family);
    font-weight: 650;
    text-align: right;
  }
  .bar {
    grid-column: 2;
  }
  .filters {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem 1rem;
    align-items: center;
    min-height: 46px;
    margin-bottom: 0.5rem;
  }
  .doubt {
    border-left: 3px dashed var(--color-edge);
    padding-left: 0.75rem;
    margin-top: 0.5rem;
  }
  .whisker {
    stroke: var(--color-ink);
    stroke-width: 1.5;
  }
  .bar.me {
    fill: var(--color-mine);
  }
  .bar.partner {
    fill: var(--color-theirs);
  }
  .more {
    margin-top: 0.75rem;
  }
  .left {
    padding: 0.75rem 0.5rem;
  }
  section {
    padding: 1rem 1.25rem;
  }
  h3 {
    margin-top: 1.25rem;
  }
  section :global(.row) {
    grid-template-columns: 6.5rem minmax(0, 1fr);
  }
  section :global(.taps) {
    display: none;
  }
  @media (max-width: 900px) {
    .both {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
