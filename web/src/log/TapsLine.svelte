<!-- Whose finishes are counted in a roll that is told, in one plain line, with plus and minus on either side. -->
<script lang="ts">
  import type { Schemas } from '../api/client';
  import AddTap from './AddTap.svelte';

  let {
    taps,
    partner,
    several,
    onadd,
    ontake,
    onscore,
  }: {
    taps: Schemas['TapsView'];
    /** Whom the roll was with. */
    partner: string;
    /** The telling holds several rolls, so each line says whose it is. */
    several: boolean;
    onadd: (tap: Schemas['NotchDocument']) => void;
    ontake: (tap: Schemas['TapView']) => void;
    onscore: (pair: string, means: 'taps' | 'points') => void;
  } = $props();

  const isNarrow = window.matchMedia('(max-width: 700px)').matches;
  let adding = $state<{ by: 'me' | 'partner'; beside: Element } | null>(null);
  const sides = $derived([
    { by: 'me' as const, say: 'You finished', short: 'You', taps: taps.me },
    { by: 'partner' as const, say: 'They finished', short: 'They', taps: taps.partner },
  ]);
</script>

<div class="line" role="group" aria-label="Finishes{several ? `, ${partner}` : ''}">
  {#if several}<strong class="who">{partner}</strong>{/if}
  {#each sides as side (side.by)}
    <span class="side {side.by}">
      <span class="say">{isNarrow ? side.short : side.say}:</span>
      {#each side.taps as tap, t (t)}
        <span class="tap" class:unsure={tap.unsure}>
          <span>{tap.say}{tap.unsure ? '?' : ''}</span>
          <button
            class="step"
            aria-label="Not {side.by === 'me' ? 'my' : 'their'} finish: {tap.say}"
            onclick={() => ontake(tap)}>−</button
          >
        </span>
      {:else}<span class="none">nothing</span>{/each}
      <button
        class="step"
        aria-label="{side.say} one more"
        onclick={(event) => (adding = { by: side.by, beside: event.currentTarget })}>+</button
      >
    </span>
  {/each}
  {#if taps.pair}
    {@const pair = taps.pair}
    <span class="pair">
      “{pair}”: taps or points?
      <button class="may" onclick={() => onscore(pair, 'taps')}>Taps</button>
      <button class="may" onclick={() => onscore(pair, 'points')}>Points</button>
    </span>
  {:else if taps.differs}<span class="quiet differs">You wrote “{taps.differs}”.</span>{/if}
</div>
{#if adding}
  {@const { by, beside } = adding}
  <AddTap
    {by}
    {beside}
    onclose={() => (adding = null)}
    onadd={(tap) => {
      adding = null;
      onadd(tap);
    }}
  />
{/if}

<style>
  .line {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 1rem;
  }
  .side {
    display: inline-flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 0.375rem;
  }
  .who {
    min-width: 5rem;
  }
  .say {
    border-left: 4px solid var(--color-mine);
    padding-left: 0.5rem;
  }
  .partner .say {
    border-color: var(--color-theirs);
  }
  .tap {
    display: inline-flex;
    align-items: center;
    font-weight: 650;
  }
  .tap.unsure > span {
    text-decoration: underline dashed var(--color-quiet);
    text-underline-offset: 0.25rem;
  }
  .none {
    color: var(--color-quiet);
  }
  .step {
    min-width: 44px;
    min-height: 44px;
    font-size: 1.375rem;
    line-height: 1;
    cursor: pointer;
    border-radius: 4px;
  }
  .step:hover {
    background: var(--color-wood);
  }
  .pair {
    display: inline-flex;
    align-items: center;
    gap: 0.5rem;
  }
  .differs {
    font-size: 0.9375rem;
  }
  @media (max-width: 700px) {
    .line {
      gap: 0 0.5rem;
    }
    .side {
      gap: 0 0.25rem;
    }
  }
</style>
