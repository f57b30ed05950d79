<script lang="ts">
  import { link } from 'svelte-spa-router';
  import { api, got } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { day, times } from '../base/words';
  import Failed from '../kit/Failed.svelte';
  import Waiting from '../kit/Waiting.svelte';
  import BlockHead from '../plan/BlockHead.svelte';
  import Ended from '../plan/Ended.svelte';
  import PastBlock from '../plan/PastBlock.svelte';
  import RateAreas from '../plan/RateAreas.svelte';
  import Proposals from '../plan/Proposals.svelte';
  import SessionCard from '../plan/SessionCard.svelte';
  import WeekForm from '../plan/WeekForm.svelte';

  const asked = resource(() => got(api.GET('/api/plan')));
  const plan = $derived(asked.value);
  const next = $derived(plan?.next);
  const later = $derived(plan?.sessions.filter((s) => next && s.date > next.date) ?? []);
</script>

<svelte:head><title>Plan · Ash Notch</title></svelte:head>

<header>
  <h1>Plan</h1>
  <a class="may" href="/weak-spots/lessons" use:link>Lessons</a>
</header>
<Failed of={asked} />
{#if asked.waiting}<Waiting what="Laying out the weeks" />{/if}
{#if plan}
  <div class="beside">
    <div class="column">
      {#if plan.block}
        {#if plan.none}<p>{plan.none}</p>{/if}
        {#if next}
          <section class="plank next" aria-label="Next session">
            <SessionCard session={next} today={plan.today} />
            {#if next.rounds.length > 0}
              <p class="actions">
                <a class="do" href="/plan/mat" use:link>Take it to the mat</a>
                <button class="may" onclick={() => window.print()}>Print</button>
                <a class="may" href="/api/plan/calendar" download="ash-notch-plan.ics">To the calendar</a>
              </p>
            {/if}
          </section>
        {/if}
        <BlockHead view={plan.block} onchanged={asked.load} />
        {#if later.length > 0}
          <section aria-labelledby="later">
            <h2 id="later">After that</h2>
            <ul>
              {#each later as session (session.date)}
                <li>
                  <details>
                    <summary>
                      <span class="date">{day(session.date)}</span>
                      <span class="quiet"
                        >{times(session.rounds.length, 'round')}, {session.inRounds} min</span
                      >
                    </summary>
                    <SessionCard {session} today={plan.today} />
                  </details>
                </li>
              {/each}
            </ul>
          </section>
        {/if}
      {:else}
        {#if plan.toDecide}<Ended view={plan.toDecide} ondecided={asked.load} />{/if}
        <p class="quiet">
          A few weeks, one thing first. What would bring most, with what you have to work with:
        </p>
        <Proposals {plan} onbegun={asked.load} />
      {/if}
      {#if plan.areas.length > 0}
        <RateAreas areas={plan.areas} today={plan.today} onkept={asked.load} />
      {/if}
      {#if plan.past.length > 0}
        <section aria-labelledby="past">
          <h2 id="past">Blocks before</h2>
          <ul>
            {#each plan.past as view (view.block.id)}
              <li>
                <PastBlock {view} />
              </li>
            {/each}
          </ul>
        </section>
      {/if}
    </div>
    <WeekForm {plan} onkept={asked.load} />
  </div>
{/if}

<style>
  header {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 1rem;
  }
  .column {
    display: grid;
    gap: 1.25rem;
    min-width: 0;
  }
  .next {
    padding: 1rem 1.25rem;
    border-left: 5px solid var(--color-ink);
  }
  .actions {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
    margin-top: 0.75rem;
  }
  ul {
    list-style: none;
  }
  li {
    border-bottom: 1px solid var(--color-grain);
  }
  summary {
    gap: 0.75rem;
  }
  /* On paper the next session's card alone. */
  @media print {
    header,
    .actions,
    .beside > :global(:not(.column)),
    .column > :global(:not(.next)) {
      display: none;
    }
  }
  .date {
    min-width: 6.5rem;
    font-weight: 650;
  }
</style>
