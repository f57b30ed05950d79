<!-- What must be in sight before a roll is kept: what is asked first, whose finishes are counted, and the button. -->
<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { Schemas } from '../api/client';
  import type { LogDraft } from './draft.svelte';
  import TapsLine from './TapsLine.svelte';

  let {
    reading,
    draft,
    first,
    save,
  }: {
    reading: Schemas['ReadingView'] | null;
    draft: LogDraft;
    /** The first question, where there is no room for all. */
    first?: Snippet;
    /** The button and what stands beside it. */
    save: Snippet;
  } = $props();

  let list = $state<HTMLElement>();
  // The roll that is being told is the one in sight.
  $effect(() => {
    if (reading?.rolls.length) list?.scrollTo({ top: list.scrollHeight });
  });
  const several = $derived((reading?.rolls.length ?? 1) > 1);
</script>

<div class="bar">
  {@render first?.()}
  {#if reading}
    <div class="taps" bind:this={list}>
      {#each reading.rolls as roll, r (r)}
        <TapsLine
          taps={roll.taps}
          partner={roll.with?.name ?? roll.with?.say ?? `Roll ${r + 1}`}
          {several}
          onadd={(tap) => draft.finish(r, tap)}
          ontake={(tap) => draft.unfinish(tap)}
          onscore={(pair, means) => draft.score(pair, means)}
        />
      {/each}
    </div>
  {/if}
  {@render save()}
</div>

<style>
  .bar {
    margin-top: 0.5rem;
    padding: 0.375rem 0;
    background: var(--color-ground);
  }
  .taps > :global(* + *) {
    border-top: 1px solid var(--color-grain);
  }
  /* In sight whatever is told; on a phone above the rail, and above the keyboard that pushes it up. */
  .bar {
    position: sticky;
    bottom: 0;
    z-index: 10;
    border-top: 1px solid var(--color-edge);
  }
  .taps {
    max-height: max(5.75rem, 22vh);
    overflow-y: auto;
  }
  @media (min-width: 901px) {
    .bar {
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      justify-content: space-between;
      gap: 0 1.5rem;
    }
  }
  @media (max-width: 700px) {
    .bar {
      bottom: var(--rail, 64px);
    }
  }
</style>
