<!-- What was drilled, place by place: apart from the ranking, which learns nothing from it. -->
<script lang="ts">
  import { api, got } from '../api/client';
  import { resource } from '../base/resource.svelte';

  const asked = resource(() => got(api.GET('/api/practice')));
</script>

{#if asked.value?.length}
  <section aria-labelledby="practised">
    <h2 id="practised">What you drilled</h2>
    <p class="quiet">
      Drills, and positional rounds at a light pace. They count in nothing above: what comes off when it is
      let come off says little of what comes off live.
    </p>
    <ul>
      {#each asked.value as tally (tally.say)}<li>{tally.say}</li>{/each}
    </ul>
  </section>
{/if}

<style>
  section {
    margin: 1.25rem 0;
  }
  ul {
    margin-top: 0.375rem;
    list-style: none;
  }
  li {
    padding: 0.375rem 0;
    border-bottom: 1px solid var(--color-grain);
  }
</style>
