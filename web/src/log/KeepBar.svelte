<!-- What must be in sight before a roll is kept: what is asked first, whose finishes are counted, and the button. -->
<script lang="ts">
  import { tick, type Snippet } from 'svelte';
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
  let isHiding = $state(false);
  // The roll that is being told is the one in sight; of those that are not, the count is.
  $effect(() => {
    if (!reading || !list) return;
    isHiding = list.scrollHeight > list.clientHeight + 8;
    void tick().then(() => list?.scrollTo({ top: list.scrollHeight }));
  });
  const partner = (roll: Schemas['RollReadView'], r: number) =>
    roll.with?.name ?? roll.with?.say ?? `Roll ${r + 1}`;
  const show = (r: number) =>
    list?.scrollTo({ top: list.querySelectorAll<HTMLElement>(':scope > [role=group]')[r]?.offsetTop ?? 0 });
  const several = $derived((reading?.rolls.length ?? 1) > 1);
</script>

<div class="bar">
  {@render first?.()}
  {#if reading}
    {#if several && isHiding}
      <div class="all" role="group" aria-label="Finishes of all rolls, yours and theirs">
        {#each reading.rolls as roll, r (r)}
          {@const unsure = [...roll.taps.me, ...roll.taps.partner].some((t) => t.unsure)}
          <button onclick={() => show(r)}>
            {partner(roll, r)}
            <span class:unsure>
              <span class="mine">{roll.taps.me.length}</span>–<span class="theirs"
                >{roll.taps.partner.length}</span
              >{unsure ? '?' : ''}
            </span>
          </button>
        {/each}
      </div>
    {/if}
    <div class="taps" class:short={several && isHiding} bind:this={list}>
      {#each reading.rolls as roll, r (r)}
        <TapsLine
          taps={roll.taps}
          partner={partner(roll, r)}
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
    /* As wide as the line with its ring, which would show beside it. */
    margin: 0.5rem -0.5rem 0;
    padding: 0.375rem 0.5rem;
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
  .all {
    display: flex;
    flex-wrap: wrap;
    column-gap: 0.875rem;
    width: 100%;
  }
  .all button {
    min-height: 44px;
    font-size: 0.9375rem;
    text-decoration: underline;
    text-decoration-color: var(--color-edge);
  }
  .all button > span {
    font-weight: 700;
  }
  .all .unsure {
    text-decoration: underline dashed;
  }
  .mine {
    color: var(--color-mine);
  }
  .theirs {
    color: var(--color-theirs);
  }
  .taps {
    position: relative;
    max-height: max(5.75rem, 22vh);
    overflow-y: auto;
  }
  .short {
    max-height: 5.75rem;
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
