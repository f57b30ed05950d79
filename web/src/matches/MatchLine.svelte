<!-- One match: its stick, what is computed and what the referee said side by side. -->
<script lang="ts">
  import { link } from 'svelte-spa-router';
  import type { Schemas } from '../api/client';
  import { times } from '../base/words';
  import Stick from '../stick/Stick.svelte';

  let { match }: { match: Schemas['MatchRow'] } = $props();
</script>

<article aria-label="Against {match.row.partnerName}">
  <h3>
    <a href="/rack/{encodeURIComponent(match.row.id)}" use:link>{match.row.partnerName}</a>
    <span class="quiet">{match.result}</span>
  </h3>
  <Stick stick={match.row.stick} size="row" label="Match with {match.row.partnerName}" />
  <dl>
    <div>
      <dt>By what is written</dt>
      <dd>{match.computed}</dd>
    </div>
    <div>
      <dt>On the board</dt>
      <dd>{match.official ?? 'not told'}</dd>
    </div>
  </dl>
  {#each match.differs as said (said)}<p class="differs">{said}</p>{/each}
  {#if match.asked > 0}
    <p>
      <a href="/rack/{encodeURIComponent(match.row.id)}" use:link
        >{times(match.asked, 'place')} not said to be held or not: the result hangs on it.</a
      >
    </p>
  {/if}
</article>

<style>
  article {
    padding: 0.875rem 0;
    border-bottom: 1px solid var(--color-grain);
  }
  h3 {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 0.75rem;
  }
  h3 a {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
    text-decoration: underline;
    text-underline-offset: 3px;
  }
  h3 .quiet {
    font-size: 1rem;
    font-weight: 400;
    font-family: var(--typo-base--font-family);
  }
  dl {
    display: flex;
    flex-wrap: wrap;
    gap: 0 2rem;
  }
  dl div {
    display: flex;
    align-items: baseline;
    gap: 0.5rem;
  }
  dt {
    color: var(--color-quiet);
  }
  dd {
    font-weight: 650;
    font-variant-numeric: tabular-nums;
  }
  .differs {
    border-left: 3px dashed var(--color-edge);
    padding-left: 0.625rem;
    margin-top: 0.25rem;
  }
</style>
