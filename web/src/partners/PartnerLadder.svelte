<!-- For the focus, partners from easier to harder, and who is missing. -->
<script lang="ts">
  import { link } from 'svelte-spa-router';
  import { api, got } from '../api/client';
  import { resource } from '../base/resource.svelte';

  const asked = resource(() => got(api.GET('/api/partner-ladder')));
  const now = $derived(asked.value);
</script>

{#if now && now.rungs.length > 0}
  <details>
    <summary>For your focus, from easier to harder: {now.say}</summary>
    <ol>
      {#each now.rungs as rung (rung.id)}
        <li>
          <a href="/partners/{encodeURIComponent(rung.id)}" use:link>{rung.name}</a>
          <span class="quiet">{rung.say}</span>
        </li>
      {/each}
    </ol>
    {#each now.missing as said (said)}<p>{said}</p>{/each}
  </details>
{/if}

<style>
  ol {
    columns: 2 22rem;
    column-gap: 2rem;
  }
  li {
    break-inside: avoid;
  }
  a {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
    min-width: 44px;
    text-decoration: underline;
    text-underline-offset: 3px;
  }
</style>
