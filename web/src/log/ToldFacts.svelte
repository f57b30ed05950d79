<!-- What the telling says of the roll as a whole; each goes into its head unless it is struck. -->
<script lang="ts">
  import type { Schemas } from '../api/client';

  let { facts, onstrike }: { facts: Schemas['ToldFactView'][]; onstrike: (words: string) => void } = $props();
</script>

<ul aria-label="Said of the roll">
  {#each facts as fact (fact.words + fact.say)}
    <li>
      <span>{fact.say}</span>
      <button aria-label="Leave out: {fact.say}" title="Leave out" onclick={() => onstrike(fact.words)}
        >×</button
      >
    </li>
  {/each}
</ul>

<style>
  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 0.35rem;
    margin-bottom: 0.5rem;
  }
  li {
    display: flex;
    align-items: center;
    border: 1px solid var(--color-edge);
    border-radius: 0.25rem;
    padding-left: 0.5rem;
    font-size: 0.875rem;
  }
  button {
    min-width: 2.25rem;
    min-height: 2.25rem;
    color: var(--color-quiet);
  }
  button:hover {
    color: inherit;
  }
</style>
