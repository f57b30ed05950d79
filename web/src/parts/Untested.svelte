<!-- What was seen too seldom to be ranked: never shown as strong, and how to find out. -->
<script lang="ts">
  import type { Schemas } from '../api/client';
  import { times } from '../base/words';

  let { exchanges }: { exchanges: Schemas['Untested'][] } = $props();
</script>

{#if exchanges.length > 0}
  <details>
    <summary
      >{times(exchanges.length, 'exchange was', 'exchanges were')} seen only once, and not ranked</summary
    >
    <p class="quiet">
      Once says nothing, neither strong nor weak. Log it the next time too, and what was stopped there.
    </p>
    <ul>
      {#each exchanges as one (one.say)}<li>{one.say}</li>{/each}
    </ul>
  </details>
{/if}

<style>
  details {
    margin-top: 1.5rem;
  }
  ul {
    columns: 20rem;
    margin-top: 0.5rem;
  }
  li {
    padding: 0.25rem 0;
    break-inside: avoid;
  }
</style>
