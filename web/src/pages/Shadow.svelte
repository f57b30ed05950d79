<!-- What training would have come to on points, by partner and by week: a finish hides what was conceded before it. -->
<script lang="ts">
  import { link } from 'svelte-spa-router';
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { day, times } from '../base/words';
  import Failed from '../kit/Failed.svelte';
  import Segments from '../kit/Segments.svelte';
  import Waiting from '../kit/Waiting.svelte';
  import MatchNav from '../matches/MatchNav.svelte';
  import Tally from '../stick/Tally.svelte';

  let rules = $state('');
  let way = $state<'partners' | 'weeks'>('partners');
  const asked = resource(() =>
    got(api.GET('/api/shadow', { params: { query: { rules: rules || undefined } } })),
  );
  const rulesets = resource(() => got(api.GET('/api/rulesets')));
  const now = $derived(asked.value);
  const rows = $derived(now?.[way] ?? []);
  const most = $derived(Math.max(1, ...rows.map((r) => Math.max(r.scored, r.lost))));
  const named = (row: Schemas['ShadowRow']) => (way === 'weeks' ? `Week of ${day(row.id)}` : row.name);
</script>

<svelte:head><title>Training on points · Ash Notch</title></svelte:head>

<h1>Training on points</h1>
<MatchNav />
<Failed of={asked} />
{#if asked.waiting}<Waiting what="Keeping score" />{/if}
<div class="narrowing">
  <Segments
    label="Counted by"
    value={way}
    choices={[
      { id: 'partners', say: 'Partner' },
      { id: 'weeks', say: 'Week' },
    ]}
    onchoose={(next) => (way = next)}
  />
  <label class="flex items-center gap-2"
    >By <select class="select min-h-[44px]" bind:value={rules}>
      <option value="">each roll's own rules</option>
      {#each rulesets.value ?? [] as one (one.rules.id)}<option value={one.rules.id}>{one.rules.name}</option
        >{/each}
    </select></label
  >
</div>
{#if now}
  <p class="text-lg">
    On points your {times(now.all.rolls, 'roll')} would have come to {now.all.scored} for you and
    {now.all.lost} for them; taps {now.all.myTaps} to {now.all.theirTaps}.
  </p>
  <p class="quiet">
    As it would stand: nobody kept score, and what nothing says of counts as held. Yours are cut from the
    upper edge, theirs from the lower.
  </p>
  <ol>
    {#each rows as row (row.id)}
      <li>
        <div class="head">
          {#if way === 'partners'}
            <a class="name underline" href="/rack?partner={encodeURIComponent(row.id)}" use:link
              >{named(row)}</a
            >
          {:else}
            <span class="name">{named(row)}</span>
          {/if}
          <span
            >you {row.scored}, they {row.lost}
            <span class="quiet">in {times(row.rolls, 'roll')}; taps {row.myTaps} to {row.theirTaps}</span
            ></span
          >
        </div>
        <Tally mine={row.scored} theirs={row.lost} {most} />
        {#if row.theirs.length > 0}<p class="they">Conceded: {row.theirs.join('; ')}.</p>{/if}
        {#if row.mine.length > 0}<p class="you">Scored: {row.mine.join('; ')}.</p>{/if}
      </li>
    {/each}
  </ol>
{/if}

<style>
  li {
    padding: 0.75rem 0;
    border-bottom: 1px solid var(--color-grain);
  }
  .head {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    justify-content: space-between;
    gap: 0 1rem;
  }
  .name {
    font-weight: 650;
    min-height: 44px;
    display: inline-flex;
    align-items: center;
  }
  .you,
  .they {
    font-size: 0.9375rem;
    margin-top: 0.25rem;
  }
  .you {
    color: var(--color-mine);
  }
  .they {
    color: var(--color-theirs);
  }
</style>
