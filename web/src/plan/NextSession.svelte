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
  const done = $derived(plan?.done.some((d) => d.date === plan.today) ?? false);
  const next = $derived(plan?.sessions.find((s) => !(done && s.date === plan.today)));
  const timed = $derived(next?.rounds.filter((r) => r.round.minutes > 0) ?? []);
  const mission = $derived(next?.rounds.find((r) => r.round.rung === 'live'));
  const partners = $derived([
    ...new Map((next?.rounds ?? []).flatMap((r) => r.with).map((w) => [w.partner, w])).values(),
  ]);
  const lower = (words: string) => words.charAt(0).toLowerCase() + words.slice(1);
  const rung = (id: string) => terms.value?.rungs.find((r) => r.id === id)?.say ?? id;
</script>

{#if plan && next && plan.block}
  <section class="plank" aria-labelledby="session">
    <h2 id="session">
      {next.date === plan.today ? 'Today on the mat' : `Next on the mat, ${day(next.date)}`}
    </h2>
    {#if done}<p class="quiet">Today is done.</p>{/if}
    {#if next.note}<p>{next.note}</p>{/if}
    {#each timed as { focus, round }, i (i)}
      <p>
        <strong>{rung(round.rung)}</strong>, {round.minutes} min: {focus < 0
          ? `again, ${lower(round.work)}`
          : round.work}
      </p>
    {/each}
    {#if mission}<p>{mission.round.say}</p>{/if}
    {#each [...new Set(next.rounds.flatMap((r) => r.round.cautions))] as caution (caution)}<p class="caution">
        {caution}
      </p>{/each}
    {#each partners as one (one.partner)}<p class="quiet">{one.name}: {one.say}.</p>{/each}
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
