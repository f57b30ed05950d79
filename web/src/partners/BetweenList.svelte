<!-- What one side lands on the other: each with its share of tries beside what is usual, and its rolls behind it. -->
<script lang="ts">
  import type { Schemas } from '../api/client';
  import SeenSticks from './SeenSticks.svelte';

  let { rows, whose, heading }: { rows: Schemas['BetweenView'][]; whose: 'me' | 'partner'; heading: string } =
    $props();

  const few = 6;
  const most = 12;
  let all = $state(false);
  const shown = $derived(all ? rows : rows.slice(0, few));
  const percent = (share: number) => `${(100 * share).toFixed(1)}%`;
</script>

<section>
  <h2>{heading}</h2>
  {#if rows.length === 0}<p class="quiet">Nothing told yet.</p>{/if}
  <ul>
    {#each shown as row (row.say)}
      <li>
        <details>
          <summary>
            <span class="what">
              <strong>{row.say}</strong>
              <span class:stands-out={row.isMore || row.isLess}>{row.often}.</span>
            </span>
          </summary>
          <div class="behind">
            <svg width="100%" height="16" aria-hidden="true" class={whose}>
              <line x1="0" x2="100%" y1="8" y2="8" class="track" />
              <rect x={percent(row.low)} width={percent(row.high - row.low)} y="4" height="8" />
              {#if row.usual != null}
                <line x1={percent(row.usual)} x2={percent(row.usual)} y1="0" y2="16" class="usual" />
              {/if}
            </svg>
            <p class="quiet">
              {row.came}.{row.usual != null ? ' The upright line is the share with the others.' : ''}
            </p>
            {#if row.rolls.length > 0}<SeenSticks ids={row.rolls.slice(0, most)} />{/if}
          </div>
        </details>
      </li>
    {/each}
  </ul>
  {#if rows.length > few}
    <button class="may mt-2" aria-expanded={all} onclick={() => (all = !all)}
      >{all ? 'Fewer' : `And ${rows.length - few} more`}</button
    >
  {/if}
</section>

<style>
  li {
    border-bottom: 1px solid var(--color-grain);
  }
  .what {
    display: grid;
    padding: 0.375rem 0;
  }
  strong {
    font-weight: 600;
  }
  .stands-out {
    text-decoration: underline dotted var(--color-ink);
    text-underline-offset: 4px;
  }
  .behind {
    padding: 0 0 0.625rem 1.25rem;
  }
  .track {
    stroke: var(--color-grain);
    stroke-width: 2;
  }
  .usual {
    stroke: var(--color-ink);
    stroke-width: 2;
  }
  .me rect {
    fill: var(--color-mine);
  }
  .partner rect {
    fill: var(--color-theirs);
  }
</style>
