<!-- What is to be done on one day: the rounds, the mission for the usual rolls, and whom with. -->
<script lang="ts">
  import type { Schemas } from '../api/client';
  import { day } from '../base/words';
  import RoundCard from './RoundCard.svelte';

  let { session, today }: { session: Schemas['PlannedSession']; today: string } = $props();
</script>

<h2>
  {session.date === today ? 'Today' : day(session.date)}
  <span class="quiet">{session.inRounds} of {session.minutes} min</span>
</h2>
{#if session.note}<p class="note">{session.note}</p>{/if}
{#each session.rounds as planned, i (i)}<RoundCard {planned} />{/each}
{#if session.with?.length}
  <div class="with">
    <p class="quiet">With whom, the easier first:</p>
    {#each session.with as one (one.partner)}<p><strong>{one.name}</strong>: {one.say}.</p>{/each}
  </div>
{/if}

<style>
  h2 + :global(article) {
    border-top: 0;
  }
  h2 .quiet {
    font-weight: 400;
    font-size: 1rem;
    font-family: var(--typo-base--font-family);
  }
  .note {
    border-left: 4px solid var(--color-ink);
    padding-left: 0.625rem;
    margin: 0.375rem 0;
  }
  .with {
    border-top: 1px solid var(--color-grain);
    padding-top: 0.625rem;
  }
</style>
