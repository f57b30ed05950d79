<!-- The next session of the block that runs, in short: what, whom with, and the way to the mat. -->
<script lang="ts">
  import { link } from 'svelte-spa-router';
  import { api, got } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { day } from '../base/words';
  import { need, terms } from '../parts/trade.svelte';

  need(terms);
  const asked = resource(() => got(api.GET('/api/plan')));
  const plan = $derived(asked.value);
  const next = $derived(plan?.next);
  const timed = $derived(next?.rounds.filter((r) => r.round.minutes > 0) ?? []);
  const rung = (id: string) => terms.value?.rungs.find((r) => r.id === id)?.say ?? id;
</script>

{#if plan?.toDecide && !plan.block}
  <section class="plank" aria-labelledby="over">
    <h2 id="over">The block of {day(plan.toDecide.block.start)} to {day(plan.toDecide.block.end)} is over</h2>
    <p>{plan.toDecide.focuses[0]?.say}</p>
    <p><a class="may" href="/plan" use:link>Look back, and decide what becomes of it</a></p>
  </section>
{:else if plan && next && plan.block}
  <section class="plank" aria-labelledby="session">
    <h2 id="session">
      {next.date === plan.today ? 'Today on the mat' : `Next on the mat, ${day(next.date)}`}
    </h2>
    {#if plan.doneToday}<p class="quiet">Today is done.</p>{/if}
    {#if next.note}<p>{next.note}</p>{/if}
    {#each timed as { focus, round }, i (i)}
      <p>
        <strong>{rung(round.rung)}</strong>, {round.minutes} min: {round.work}
        {#if focus < 0}<span class="quiet">A refresher.</span>{/if}
      </p>
    {/each}
    {#if next.mission}<p>{next.mission.say}</p>{/if}
    {#each [...new Set(next.rounds.flatMap((r) => r.round.cautions))] as caution (caution)}<p class="caution">
        {caution}
      </p>{/each}
    {#each next.with ?? [] as one (one.partner)}<p class="quiet">{one.name}: {one.say}.</p>{/each}
    {#if next.rounds.length > 0}
      <p><a class="may" href="/plan/mat" use:link>Take it to the mat</a></p>
    {/if}
  </section>
{/if}

<style>
  section {
    padding: 1rem 1.25rem;
    border-left: 5px solid var(--color-ink);
    display: grid;
    gap: 0.375rem;
    margin-bottom: 1.25rem;
  }
  strong {
    display: inline-block;
  }
  strong::first-letter {
    text-transform: uppercase;
  }
  .caution {
    border-left: 4px solid var(--color-theirs);
    padding-left: 0.625rem;
  }
</style>
