<!-- What to keep in mind before rolling with somebody. -->
<script lang="ts">
  import type { Schemas } from '../api/client';

  let { heeds }: { heeds: Schemas['HeedView'][] } = $props();

  const words = { 'watch-for': 'Watch for', try: 'Try', 'keep-from': 'Keep from' } as const;
  // One caution once, beneath them all.
  const cautions = $derived([...new Set(heeds.map((h) => h.caution).filter(Boolean))]);
</script>

<ul>
  {#each heeds as heed (heed.say)}
    <li>
      <span class="kind" class:theirs={heed.kind === 'watch-for'}>{words[heed.kind]}</span>
      <span>{heed.say}</span>
    </li>
  {/each}
</ul>
{#each cautions as caution (caution)}<p class="quiet small">{caution}</p>{/each}

<style>
  li {
    display: grid;
    grid-template-columns: 5.75rem minmax(0, 1fr);
    gap: 0.5rem;
    padding: 0.25rem 0;
  }
  .kind {
    font-weight: 650;
    color: var(--color-mine);
  }
  .kind.theirs {
    color: var(--color-theirs);
  }
  .small {
    font-size: 0.9375rem;
  }
</style>
