<script lang="ts">
  import { push } from 'svelte-spa-router';
  import { api, got } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { day, times } from '../base/words';
  import Failed from '../kit/Failed.svelte';
  import Waiting from '../kit/Waiting.svelte';
  import CostNav from '../parts/CostNav.svelte';
  import CourseLine from '../parts/CourseLine.svelte';
  import RollRow from '../parts/RollRow.svelte';
  import PartnerFilter from '../parts/PartnerFilter.svelte';

  const everything = 10_000;
  let limit = $state<number>();
  let partner = $state('');
  const asked = resource(() =>
    got(api.GET('/api/weeks', { params: { query: { limit, partner: partner || undefined } } })),
  );
  const weeks = $derived(asked.value);
  // Said once above, not on every line.
  const young = $derived(weeks?.courses.every((c) => c.turn === 'unknown') ?? false);
  let chosen = $state(0);
  const course = $derived(weeks?.courses[chosen]);
  const sticks = resource(async () => {
    const id = course?.rolls ?? [];
    return id.length === 0 ? [] : got(api.GET('/api/rolls', { params: { query: { id } } }));
  });

  let opened = $state<HTMLElement>();
  function choose(index: number) {
    chosen = index;
    if (window.matchMedia('(max-width: 900px)').matches) opened?.scrollIntoView({ block: 'start' });
  }
</script>

<svelte:head><title>Over weeks · Ash Notch</title></svelte:head>

<h1>Over weeks</h1>
<CostNav />
<div class="narrowing">
  <PartnerFilter bind:partner onchange={() => (chosen = 0)} />
</div>
<Failed of={asked} />
{#if asked.waiting}<Waiting what="Going through the weeks" />{/if}
{#if weeks && weeks.courses.length === 0}
  <p class="my-4">Nothing to follow yet. From the first week logged this page shows what goes up and down.</p>
  <button class="do" onclick={() => push('/log')}>Log a roll</button>
{:else if weeks}
  <p class="text-lg">{weeks.changed}</p>
  <p class="quiet">
    Each dot is two weeks: how often it happened, against how often it would have in average weeks with just
    those partners. The dashed line is average; the top is four times as often, the bottom a quarter. The
    upright line says between what it likely lies.
  </p>
  <div class="beside">
    <ol class="courses">
      {#each weeks.courses as one, index (one.name)}
        <li>
          <button
            class="choice"
            class:chosen={index === chosen}
            aria-pressed={index === chosen}
            onclick={() => choose(index)}
          >
            <span class="name">{one.name}</span>
            {#if !young}
              <span class="quiet" class:turn={one.turn !== 'level' && one.turn !== 'unknown'}
                >{one.turnSay}</span
              >
            {/if}
            <span class="drawn"><CourseLine course={one} height={64} /></span>
          </button>
        </li>
      {/each}
    </ol>
    {#if course}
      <section class="plank" aria-labelledby="course" bind:this={opened}>
        <h2 id="course">{course.name}</h2>
        <p class="mb-2">{course.say}</p>
        <CourseLine {course} height={140} />
        <table>
          <thead>
            <tr><th>From</th><th>Seen</th><th>Expected</th><th>Likely</th></tr>
          </thead>
          <tbody>
            {#each [...course.fortnights].reverse() as fortnight (fortnight.first)}
              <tr>
                <td>{day(fortnight.first)}</td>
                <td>{fortnight.count.observed}</td>
                <td>{fortnight.count.expected.toFixed(1)}</td>
                <td>{fortnight.count.low.toFixed(1)} to {fortnight.count.high.toFixed(1)} times</td>
              </tr>
            {/each}
          </tbody>
        </table>
        {#if weeks.earlier > 0}
          <button class="may mt-3" onclick={() => (limit = everything)}
            >Show {times(weeks.earlier, 'earlier fortnight')}</button
          >
        {/if}
        {#if course.partners.length > 0}
          <h3>With whom, before and in the last four weeks</h3>
          <table>
            <thead>
              <tr><th>Partner</th><th>Before</th><th>Lately</th></tr>
            </thead>
            <tbody>
              {#each course.partners as partner (partner.name)}
                <tr>
                  <td>{partner.name}</td>
                  {#each [partner.before, partner.lately] as part, i (i)}
                    <td
                      >{part.expected === 0 && part.observed === 0
                        ? 'not met there'
                        : `${part.observed} of ${part.expected.toFixed(1)} expected`}</td
                    >
                  {/each}
                </tr>
              {/each}
            </tbody>
          </table>
        {/if}
        {#if sticks.value && sticks.value.length > 0}
          <h3>The newest {times(sticks.value.length, 'roll')}</h3>
          {#each sticks.value as row (row.id)}<RollRow {row} dated />{/each}
        {/if}
      </section>
    {/if}
  </div>
{/if}

<style>
  .name {
    font-weight: 650;
  }
  .turn {
    color: var(--color-ink);
  }
  .drawn {
    grid-column: 1 / -1;
  }
  section {
    padding: 1rem 1.25rem;
    scroll-margin-top: 4rem;
  }
  table {
    width: 100%;
    margin-top: 0.75rem;
    border-collapse: collapse;
    font-variant-numeric: tabular-nums;
  }
  th {
    text-align: left;
    font-weight: 400;
    color: var(--color-quiet);
  }
  td,
  th {
    padding: 0.25rem 0.5rem 0.25rem 0;
    border-bottom: 1px solid var(--color-grain);
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
</style>
