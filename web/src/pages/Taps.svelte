<!-- Who made whom tap, counted and not weighed. -->
<script lang="ts">
  import { push, router } from 'svelte-spa-router';
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { times, weeksAgo } from '../base/words';
  import Combo from '../kit/Combo.svelte';
  import Failed from '../kit/Failed.svelte';
  import Segments from '../kit/Segments.svelte';
  import Waiting from '../kit/Waiting.svelte';
  import CostNav from '../parts/CostNav.svelte';
  import RollRow from '../parts/RollRow.svelte';
  import WindowFilter from '../parts/WindowFilter.svelte';
  import { need, partnerChoices, terms } from '../parts/trade.svelte';
  import Tally from '../stick/Tally.svelte';

  need(terms);
  const ways = [
    { id: 'submissions', say: 'Submission' },
    { id: 'places', say: 'Place' },
    { id: 'partners', say: 'Partner' },
    { id: 'weeks', say: 'Week' },
  ] as const;
  type Way = (typeof ways)[number]['id'];

  let way = $state<Way>('submissions');
  let attire = $state<Schemas['Attire'] | ''>('');
  let weeks = $state(0);
  const partner = $derived(new URLSearchParams(router.querystring ?? '').get('partner') ?? '');
  const partners = resource(() => got(api.GET('/api/partners')));

  const query = $derived({
    attire: attire || undefined,
    first: weeks ? weeksAgo(weeks) : undefined,
    partner: partner || undefined,
  });
  const asked = resource(() => got(api.GET('/api/finishes', { params: { query } })));
  const sheet = $derived(asked.value);
  const counts = $derived(sheet?.[way] ?? []);
  const most = $derived(Math.max(1, ...counts.map((c) => Math.max(c.mine, c.theirs))));

  let picked = $state('');
  const chosen = $derived(counts.find((c) => c.key === picked && c.rolls.length > 0) ?? counts[0]);
  const newest = 12;
  const sticks = resource(async () => {
    const id = (chosen?.rolls ?? []).slice(0, newest);
    return id.length === 0 ? [] : got(api.GET('/api/rolls', { params: { query: { id } } }));
  });

  let opened = $state<HTMLElement>();
  function choose(key: string) {
    picked = key;
    if (window.matchMedia('(max-width: 900px)').matches) opened?.scrollIntoView({ block: 'start' });
  }
  const score = (c: Schemas['FinishCount']) =>
    `you ${c.mine}, they ${c.theirs}` + (c.inRolls != null ? ` in ${times(c.inRolls, 'roll')}` : '');
</script>

<svelte:head><title>Taps · Ash Notch</title></svelte:head>

<h1>Taps</h1>
<CostNav />
<Failed of={asked} />
{#if asked.waiting}<Waiting what="Counting" />{/if}
<div class="narrowing">
  <Segments label="Counted by" value={way} choices={[...ways]} onchoose={(next) => (way = next as Way)} />
  <WindowFilter bind:attire bind:weeks />
  <div class="min-w-48">
    <Combo
      label="Partner"
      hideLabel
      value={partner}
      choices={partnerChoices(partners.value ?? [])}
      none="with anyone"
      onchoose={(next) =>
        push(next ? `/weak-spots/taps?partner=${encodeURIComponent(next)}` : '/weak-spots/taps')}
    />
  </div>
</div>
{#if sheet}
  <p class="text-lg">{sheet.say}</p>
  {#if sheet.mine + sheet.theirs > 0}
    <p class="quiet">
      Yours are cut from the upper edge, theirs from the lower. Only counted here: what stands behind them is
      under Ranking.
    </p>
    <div class="beside">
      <ol>
        {#each counts as count (count.key)}
          <li>
            <button
              class="choice"
              class:chosen={count === chosen}
              aria-pressed={count === chosen}
              disabled={count.rolls.length === 0}
              onclick={() => choose(count.key)}
            >
              <span class="name">{count.name}</span>
              <span class="quiet">{score(count)}</span>
              <span class="cut"><Tally mine={count.mine} theirs={count.theirs} {most} /></span>
            </button>
          </li>
        {/each}
      </ol>
      {#if chosen}
        <section class="plank" aria-labelledby="tapped" bind:this={opened}>
          <h2 id="tapped">{chosen.name}</h2>
          <p>
            {score(chosen)}.{#if chosen.rolls.length > newest}
              The newest {newest} rolls:{/if}
          </p>
          {#each sticks.value ?? [] as row (row.id)}<RollRow {row} dated />{/each}
        </section>
      {/if}
    </div>
  {/if}
{/if}

<style>
  li button:disabled {
    cursor: default;
  }
  .name {
    font-weight: 650;
    overflow-wrap: anywhere;
  }
  .cut {
    grid-column: 1 / -1;
    padding-top: 0.25rem;
  }
  section {
    padding: 1rem 1.25rem;
    scroll-margin-top: 4rem;
  }
  section :global(.row) {
    grid-template-columns: 6.5rem minmax(0, 1fr);
  }
  section :global(.row .taps) {
    display: none;
  }
</style>
