<!-- One round to be done: where it starts and who wins how, what the partner gives, whom with; the rest opens. -->
<script lang="ts">
  import type { Schemas } from '../api/client';
  import { terms, need } from '../parts/trade.svelte';

  let { planned }: { planned: Schemas['PlannedRound'] } = $props();
  need(terms);

  const round = $derived(planned.round);
  const rung = $derived(terms.value?.rungs.find((r) => r.id === round.rung)?.say ?? round.rung);
  const isLive = $derived(round.rung === 'live');
</script>

<article>
  <header>
    <strong>{isLive ? 'In your usual rolls' : rung}</strong>
    {#if !isLive}<span class="quiet">{round.minutes} min</span>{/if}
    {#if planned.focus < 0}<span class="quiet">a refresher</span>{/if}
  </header>
  <p>{round.say}</p>
  {#if round.asks}<p><span class="quiet">Ask your partner:</span> {round.asks}</p>{/if}
  {#each round.own ?? [] as own (own)}<p class="own"><span class="quiet">Yours:</span> {own}</p>{/each}
  {#each round.cautions as caution (caution)}<p class="caution">{caution}</p>{/each}
  {#if round.checks.length > 0}
    <p><span class="quiet">Watch for:</span> {round.checks.join('; ')}.</p>
  {/if}
  {#if round.cues.length > 0 || round.do.length > 0}
    <details>
      <summary>Cues, do and don't</summary>
      <ul>
        {#each [...round.cues, ...round.do] as line (line)}<li>{line}</li>{/each}
        {#each round.dont as line (line)}<li class="dont">{line}</li>{/each}
      </ul>
    </details>
  {/if}
</article>

<style>
  article {
    padding: 0.625rem 0;
    border-top: 1px solid var(--color-grain);
    display: grid;
    gap: 0.25rem;
  }
  header {
    display: flex;
    gap: 0.75rem;
    align-items: baseline;
  }
  strong::first-letter {
    text-transform: uppercase;
  }
  .own {
    font-weight: 600;
  }
  .caution {
    border-left: 4px solid var(--color-theirs);
    padding-left: 0.625rem;
  }
  ul {
    list-style: none;
    display: grid;
    gap: 0.25rem;
    padding-bottom: 0.5rem;
  }
  .dont {
    color: var(--color-quiet);
  }
  @media print {
    details ul {
      display: grid;
    }
  }
</style>
