<!-- A partner in the list: who, what between us, the newest sticks. -->
<script lang="ts">
  import { link } from 'svelte-spa-router';
  import type { Schemas } from '../api/client';
  import { day, times } from '../base/words';
  import { about } from '../parts/partner-words';
  import SeenSticks from './SeenSticks.svelte';

  let { row, unit }: { row: Schemas['PartnerRow']; unit: string | null | undefined } = $props();

  const taps = $derived(
    [row.myTaps ? `you ${row.myTaps}` : '', row.theirTaps ? `they ${row.theirTaps}` : '']
      .filter(Boolean)
      .join(', '),
  );
</script>

<li>
  <div class="who">
    <h2><a href="/partners/{encodeURIComponent(row.partner.id ?? '')}" use:link>{row.partner.name}</a></h2>
    <p class="quiet">{about(row.partner, unit)}</p>
    {#if row.learned}<p class="learned">{row.learned}</p>{/if}
  </div>
  <SeenSticks ids={row.newest} />
  <p class="quiet counts">
    {#if row.rolls}
      {times(row.rolls, 'roll')}, last {day(row.last)}<br />{taps ? `taps: ${taps}` : 'no tap'}
    {:else}
      no roll yet
    {/if}
  </p>
</li>

<style>
  li {
    display: grid;
    grid-template-columns: minmax(0, 2fr) minmax(0, 2fr) 13rem;
    gap: 1rem;
    align-items: center;
    padding: 0.5rem 0;
    border-bottom: 1px solid var(--color-grain);
  }
  h2 a {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
    min-width: 44px;
    overflow-wrap: anywhere;
  }
  .learned::first-letter {
    text-transform: uppercase;
  }
  @media (max-width: 700px) {
    li {
      grid-template-columns: minmax(0, 1fr) 9.5rem;
      gap: 0.25rem 0.75rem;
    }
    li :global(.sticks) {
      grid-column: 1 / -1;
      order: 3;
    }
  }
</style>
