<script lang="ts">
  import { link } from 'svelte-spa-router';
  import { api, got } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { day, plain, times } from '../base/words';
  import LastCopy from '../keeping/LastCopy.svelte';
  import Failed from '../kit/Failed.svelte';
  import NextSession from '../plan/NextSession.svelte';
  import FirstRoll from '../parts/FirstRoll.svelte';
  import RollRow from '../parts/RollRow.svelte';
  import BeforeClass from '../partners/BeforeClass.svelte';

  let wait = $state(false);
  const asked = resource(() => got(api.GET('/api/today', { params: { query: { wait } } })));
  const now = $derived(asked.value);
  // What was learned before the newest rolls is shown at once, and put right as soon as they are learned from.
  $effect(() => {
    if (now?.behind) wait = true;
  });
</script>

<svelte:head><title>Today · Ash Notch</title></svelte:head>

<header>
  <h1>Today</h1>
  <a class="do" href="/log" use:link>Log a roll</a>
</header>
<Failed of={asked} />
{#if now && now.rolls === 0}
  <FirstRoll />
{:else if now}
  {#if now.copies.overdue}<LastCopy of={now.copies} />{/if}
  <NextSession />
  {#if now.matchDay}
    {@const match = now.matchDay}
    <section class="match" aria-labelledby="match">
      <h2 id="match">Next match day: {match.when}</h2>
      <p>
        <a href="/matches/day/{encodeURIComponent(match.id)}" use:link>{match.name}</a>, {day(
          match.date,
        )}{match.division ? `: ${match.division}` : ''}
      </p>
      {#if match.allowed}<p class="quiet">{match.allowed}</p>{/if}
    </section>
  {/if}
  <section class="plank focus" aria-labelledby="focus">
    <h2 id="focus">Focus</h2>
    {#if now.focus}
      <p class="lead">{now.focus.say}</p>
      {#if now.focus.spot}
        <p>{now.focus.spot.say} It stands at number {now.focus.spot.rank} of your weak spots.</p>
      {:else}
        <p class="quiet">It no longer shows among your weak spots.</p>
      {/if}
      {#if now.focus.focus.reason}<p class="quiet">Chosen because: {now.focus.focus.reason}</p>{/if}
      {#if now.focus.caution}<p class="quiet">{now.focus.caution}</p>{/if}
      <p class="quiet">
        Chosen {day(now.focus.focus.chosen)}. <a href="/plan" use:link>The plan, or another focus</a>
      </p>
    {:else if now.first}
      <p class="lead">None chosen yet.</p>
      <p>First in line: {now.first.say}</p>
      <p><a href="/plan" use:link>Choose what to drill</a>, or <a href="/weak-spots" use:link>see why</a></p>
    {:else}
      <p class="lead">Nothing stands out yet.</p>
      <p>After a handful of rolls this card says what to work on.</p>
    {/if}
  </section>
  <BeforeClass />
  {#if now.changed}
    <section aria-labelledby="changed" class="my-6">
      <h2 id="changed">Over the weeks</h2>
      <p>{now.changed} <a href="/weak-spots/weeks" use:link>Look</a></p>
    </section>
  {/if}
  {#if now.open.length > 0}
    <section aria-labelledby="open">
      <h2 id="open">Still open</h2>
      <p class="quiet">What the telling left in doubt; each is answered on its roll by one press.</p>
      {#each now.open as row (row.id)}<RollRow {row} dated />{/each}
    </section>
  {/if}
  {#if now.last}
    <section aria-labelledby="last">
      <h2 id="last">
        Last on the mat <span class="quiet"
          >{day(now.last.date)}, {plain(now.last.kind)} {plain(now.last.attire)}</span
        >
      </h2>
      {#each now.last.rolls as row (row.id)}<RollRow {row} />{/each}
      <p class="quiet mt-3">
        {times(now.rolls, 'roll')} in {times(now.sessions, 'session')} on the
        <a href="/rack" use:link>rack</a>. <a href="/weak-spots/taps" use:link>Who tapped whom</a>
      </p>
    </section>
  {/if}
  {#if !now.copies.overdue}<LastCopy of={now.copies} />{/if}
{/if}

<style>
  header {
    display: flex;
    align-items: center;
    justify-content: space-between;
    margin-bottom: 1rem;
  }
  .focus {
    padding: 1rem 1.25rem;
    border-left: 5px solid var(--color-ink);
    display: grid;
    gap: 0.375rem;
  }
  .lead {
    font-family: var(--typo-heading--font-family);
    font-size: 1.375rem;
    font-weight: 650;
    line-height: 1.25;
  }
  section {
    margin-bottom: 1.75rem;
  }
  h2 .quiet {
    font-weight: 400;
    font-size: 1rem;
    font-family: var(--typo-base--font-family);
  }
</style>
