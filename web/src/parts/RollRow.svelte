<script lang="ts">
  import { link } from 'svelte-spa-router';
  import type { Schemas } from '../api/client';
  import Stick from '../stick/Stick.svelte';
  import { day } from '../base/words';

  let {
    row,
    chosen = false,
    dated = false,
  }: { row: Schemas['RollRow']; chosen?: boolean; dated?: boolean } = $props();

  const id = $props.id();
  // The link has a short name; the roll itself is its description.
  const name = $derived(`Roll with ${row.partnerName}, ${day(row.date)}`);
  const kind = $derived(row.practice ? 'practice' : row.kind === 'free' ? '' : row.kind);
  const taps = $derived(
    [row.myTaps ? `you ${row.myTaps}` : '', row.theirTaps ? `they ${row.theirTaps}` : '']
      .filter(Boolean)
      .join(', '),
  );
</script>

<a
  href="/rack/{encodeURIComponent(row.id)}"
  use:link
  class="row"
  class:chosen
  aria-current={chosen ? 'true' : undefined}
  aria-label={name}
  aria-describedby={id}
>
  <span class="who">
    <strong>{row.partnerName}</strong>
    <span class="quiet">{[dated ? day(row.date) : row.partnerBelt, kind].filter(Boolean).join(', ')}</span>
    {#if row.open}<span class="open">{row.open === 1 ? '1 question' : `${row.open} questions`}</span>{/if}
  </span>
  <span class="picture" {id}><Stick stick={row.stick} size="row" label="Roll with {row.partnerName}" /></span>
  <span class="taps quiet">{taps ? `taps: ${taps}` : 'no tap'}</span>
</a>

<style>
  .row {
    display: grid;
    grid-template-columns: 7.5rem minmax(0, 1fr) 7.5rem;
    gap: 1rem;
    align-items: center;
    padding: 0.25rem 0.5rem;
    min-height: 64px;
    color: var(--color-ink);
    text-decoration: none;
    border-bottom: 1px solid var(--color-grain);
  }
  .row:hover,
  .row.chosen {
    background: var(--color-raised);
  }
  .row.chosen {
    box-shadow: inset 4px 0 0 var(--color-ink);
  }
  .who {
    display: flex;
    flex-direction: column;
    line-height: 1.25;
  }
  .open {
    font-size: 0.875rem;
    text-decoration: underline dashed var(--color-quiet);
    text-underline-offset: 0.2rem;
  }
  .who strong {
    overflow-wrap: anywhere;
  }
  :global(.both.open) .row {
    grid-template-columns: 6rem minmax(0, 1fr);
  }
  :global(.both.open) .taps {
    display: none;
  }
  @media (max-width: 700px) {
    .row {
      grid-template-columns: 5.5rem minmax(0, 1fr);
      gap: 0.5rem;
      padding: 0.25rem 0;
    }
    .taps {
      display: none;
    }
  }
</style>
