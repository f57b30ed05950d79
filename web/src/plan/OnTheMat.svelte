<!-- The card on the mat: the round with its clock, and two wide keys for what is counted. -->
<script lang="ts">
  import { onDestroy } from 'svelte';
  import { api, got, type Schemas } from '../api/client';
  import { clock } from '../base/words';
  import { tellTrouble } from '../kit/notices';
  import Starts from '../parts/Starts.svelte';
  import CheckKeys from './CheckKeys.svelte';
  import { Mat } from './mat.svelte';
  import RoundCard from './RoundCard.svelte';

  let {
    block,
    session,
    today,
    onkept,
  }: { block: string; session: Schemas['PlannedSession']; today: string; onkept: () => void } = $props();

  // svelte-ignore state_referenced_locally
  const mat = new Mat(block, session);
  onDestroy(() => mat.leave());

  const planned = $derived(mat.planned);
  const isLast = $derived(mat.round === session.rounds.length - 1);
  const timed = $derived((planned?.round.minutes ?? 0) > 0);

  async function finish() {
    try {
      await got(api.POST('/api/plan/done', { body: mat.done(block, today) }));
      mat.clear();
      onkept();
    } catch (error) {
      tellTrouble(error);
    }
  }
</script>

{#if planned}
  <p class="quiet">
    {mat.resting ? 'Rest before the next' : `Round ${mat.round + 1} of ${session.rounds.length}`}
  </p>
  {#if timed}
    <div
      class="clock"
      class:closing={mat.closing}
      class:resting={mat.resting}
      role="timer"
      aria-label="Time left"
    >
      <strong>{clock(mat.left)}</strong>
      {#if mat.running}
        <button class="may" onclick={mat.pause}>Pause</button>
      {:else}
        <button class="do" onclick={mat.start}>Start</button>
      {/if}
    </div>
  {/if}
  {#if planned.round.starts > 0}
    <h2 class="sr-only">Starts</h2>
    <Starts bind:starts={mat.starts} />
  {/if}
  {#if planned.round.rung !== 'repetitions'}
    {#each planned.round.checks as text, i (text)}
      {@const counted = mat.checks[i]}
      {#if counted}
        <CheckKeys
          {text}
          {counted}
          oncount={(met) => mat.check(i, met)}
          onback={(met) => mat.uncheck(i, met)}
        />
      {/if}
    {/each}
  {/if}
  <RoundCard {planned} />
  <div class="going">
    <button class="may" disabled={mat.round === 0} onclick={() => mat.go(mat.round - 1)}>Back</button>
    {#if isLast}
      <button class="do" onclick={finish}>Done for today</button>
    {:else}
      <button class="do" onclick={() => mat.go(mat.round + 1)}>Next round</button>
      <button class="may" onclick={finish}>Stop here</button>
    {/if}
  </div>
{/if}

<style>
  .clock {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 1rem;
    padding: 0.5rem 1rem;
    border: 1px solid var(--color-grain);
    border-left: 8px solid var(--color-mine);
    background: var(--color-raised);
    border-radius: 4px;
    margin: 0.5rem 0;
    max-width: 34rem;
  }
  .clock strong {
    font-size: 4rem;
    line-height: 1;
    font-variant-numeric: tabular-nums;
  }
  .resting {
    border-left-color: var(--color-edge);
  }
  .closing {
    border-left-color: var(--color-theirs);
    background: var(--color-wood);
  }
  .going {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    position: sticky;
    bottom: 4.5rem;
    padding: 0.5rem 0;
    background: var(--color-ground);
    max-width: 34rem;
  }
  @media (min-width: 701px) {
    .going {
      bottom: 0;
    }
  }
</style>
