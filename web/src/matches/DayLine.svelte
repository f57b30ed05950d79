<!-- A match day in the list. -->
<script lang="ts">
  import { link } from 'svelte-spa-router';
  import type { Schemas } from '../api/client';
  import { day as said, times } from '../base/words';

  let { day }: { day: Schemas['MatchDayRow'] } = $props();
</script>

<li>
  <a href="/matches/day/{encodeURIComponent(day.id)}" use:link>
    <strong>{day.name}</strong>
    <span>{said(day.date)}, {day.when}</span>
    <span class="quiet">
      {[day.division, day.matches > 0 ? `${times(day.matches, 'match', 'matches')}: ${day.say}` : '']
        .filter(Boolean)
        .join(' · ')}
    </span>
  </a>
</li>

<style>
  a {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 0.875rem;
    padding: 0.625rem 0;
    min-height: 44px;
    border-bottom: 1px solid var(--color-grain);
  }
  a:hover {
    background: var(--color-raised);
  }
  strong {
    font-weight: 650;
    text-decoration: underline;
    text-underline-offset: 3px;
  }
</style>
