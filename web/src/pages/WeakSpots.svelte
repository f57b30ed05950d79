<script lang="ts">
  import { tick } from 'svelte';
  import { link, push } from 'svelte-spa-router';
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { times, weeksAgo } from '../base/words';
  import Failed from '../kit/Failed.svelte';
  import { tellTrouble } from '../kit/notices';
  import Segments from '../kit/Segments.svelte';
  import Waiting from '../kit/Waiting.svelte';
  import CostNav from '../parts/CostNav.svelte';
  import Practised from '../parts/Practised.svelte';
  import Reach from '../parts/Reach.svelte';
  import SpotOpened from '../parts/SpotOpened.svelte';
  import Untested from '../parts/Untested.svelte';
  import WindowFilter from '../parts/WindowFilter.svelte';
  import { need, terms } from '../parts/trade.svelte';
  import PartnerFilter from '../parts/PartnerFilter.svelte';

  need(terms);
  let aim = $state<Schemas['Aim'] | undefined>();
  let picked = $state(0);
  let shown = $state({ costs: 5, pays: 5, 'find-out': 3 });
  const lists = [
    { id: 'costs', say: 'What they get', about: '' },
    { id: 'pays', say: 'What would pay', about: '' },
    {
      id: 'find-out',
      say: 'Worth finding out',
      about: 'Seen fewer than five times: neither strong nor weak yet.',
    },
  ] as const;

  let against = $state<Schemas['Against']>('usual');
  let attire = $state<Schemas['Attire'] | ''>('');
  let weeks = $state(0);
  let partner = $state('');

  const query = $derived({
    aim,
    against,
    attire: attire || undefined,
    first: weeks ? weeksAgo(weeks) : undefined,
    partner: partner || undefined,
    limit: 60,
  });
  const asked = resource(() => got(api.GET('/api/weak-spots', { params: { query } })));
  const ranking = $derived(asked.value);
  const chosen = $derived(
    picked || ((ranking?.spots.find((s) => s.list !== 'find-out') ?? ranking?.spots[0])?.rank ?? 1),
  );
  const spot = $derived(ranking?.spots.find((s) => s.rank === chosen));
  const most = $derived(Math.max(...(ranking?.spots.map((s) => s.high) ?? [1])));
  // A range may begin below nothing, and is drawn within the page.
  const at = (gain: number) => `${Math.max(0.2, Math.min(99.8, (100 * gain) / most))}%`;

  async function aimAt(next: Schemas['Aim']) {
    aim = next;
    picked = 0;
    await got(api.PUT('/api/settings', { body: { aim: next } })).catch(tellTrouble);
  }

  let why = $state<HTMLElement>();

  // Where the reasons stand beneath the list, go to them.
  async function choose(rank: number) {
    picked = rank;
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
<div class="narrowing">
  {#if terms.value}
    <Segments
      label="Against whom"
      value={against}
      choices={terms.value.againsts as { id: Schemas['Against']; say: string }[]}
      onchoose={(next) => (against = next)}
    />
    <WindowFilter bind:attire bind:weeks />
    <PartnerFilter bind:partner onchange={() => (picked = 0)} />
  {/if}
</div>
{#if ranking && ranking.spots.length === 0 && (attire || weeks || partner)}
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
    roll would gain with half of theirs stopped, or twice as many of yours; the line beneath it says between
    what it likely lies.
    {#if ranking.aim === 'points' || ranking.aim === 'balanced'}
      Counted by <a href="/settings" use:link>{ranking.rules}</a>.
    {/if}
  </p>
  {#if ranking.doubt}<p class="doubt">{ranking.doubt}</p>{/if}
  {#if ranking.leftOut}<p class="quiet mt-1">{ranking.leftOut}</p>{/if}
  <div class="beside">
    <div>
      {#each lists as list (list.id)}
        {@const spots = ranking.spots.filter((s) => s.list === list.id)}
        {#if spots.length > 0}
          <section aria-labelledby="list-{list.id}">
            <h2 id="list-{list.id}">{list.say}</h2>
            {#if list.about}<p class="quiet">{list.about}</p>{/if}
            <ol class="spots">
              {#each spots.slice(0, shown[list.id]) as s (s.rank)}
                <li>
                  <button
                    class:chosen={s.rank === chosen}
                    aria-pressed={s.rank === chosen}
                    onclick={() => choose(s.rank)}
                  >
                    <span class="rank">{s.rank}</span>
                    <span class="say">{s.say}</span>
                    <svg class="bar {s.way.by}" height="18" width="100%" aria-hidden="true">
                      <rect width="{(100 * s.gainPerRoll) / most}%" height="10" />
                      <line class="whisker" x1={at(s.low)} x2={at(s.high)} y1="14" y2="14" />
                      <line class="whisker" x1={at(s.low)} x2={at(s.low)} y1="11" y2="17" />
                      <line class="whisker" x1={at(s.high)} x2={at(s.high)} y1="11" y2="17" />
                    </svg>
                  </button>
                </li>
              {/each}
            </ol>
            {#if spots.length > shown[list.id]}
              <button class="may more" onclick={() => (shown[list.id] += 10)}
                >Show more of {spots.length}</button
              >
            {/if}
          </section>
        {/if}
      {/each}
    </div>
    {#if spot}
      <div bind:this={why} class="opened">
        {#key spot.say}<SpotOpened {spot} />{/key}
      </div>
    {/if}
  </div>
  <Reach {query} />
  <Untested exchanges={ranking.untested} />
  <Practised />
  <p class="quiet caveat">{ranking.caveat}</p>
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
  .narrowing {
    min-height: 46px;
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
    margin-top: 0.5rem;
  }
  section {
    margin-top: 1rem;
  }
  .opened {
    scroll-margin-top: 4rem;
  }
  .caveat {
    margin-top: 1.5rem;
    max-width: 48rem;
  }
</style>
