<!-- Names that the word being written may become. Taken with Ctrl+Space or a press; Enter and Tab stay what they are. -->
<script lang="ts">
  import { keys } from '../base/keys';
  import { need, vocabulary } from '../parts/trade.svelte';

  let { text, at, ontake }: { text: string; at: number; ontake: (from: number, name: string) => void } =
    $props();

  need(vocabulary);
  const hasKeys = window.matchMedia('(hover: hover)').matches;

  const names = $derived(
    [
      ...new Set([
        ...(vocabulary.value?.places ?? []).map((p) => p.name),
        ...(vocabulary.value?.moves ?? []).map((m) => m.name),
      ]),
    ].sort((a, b) => a.length - b.length),
  );

  // The last one to three words before the cursor, the longest run that begins a name.
  const offered = $derived.by(() => {
    if (at !== text.length && /\w/.test(text[at] ?? '')) return null;
    const words = [...text.slice(0, at).matchAll(/[\w'-]+/g)];
    if (words.length === 0 || words.at(-1)!.index + words.at(-1)![0].length !== at) return null;
    for (let count = Math.min(3, words.length); count > 0; count--) {
      const from = words.at(-count)!.index;
      const begun = text.slice(from, at).toLowerCase();
      if (begun.length < 3 || begun.includes('.')) continue;
      const fitting = names
        .filter((n) => n.toLowerCase().startsWith(begun) && n.length > begun.length)
        .slice(0, 4);
      if (fitting.length > 0) return { from, names: fitting };
    }
    return null;
  });

  /** Takes the first name offered; false when there is none. */
  export function take() {
    const first = offered?.names[0];
    if (!offered || !first) return false;
    ontake(offered.from, first);
    return true;
  }
</script>

<div class="offers" aria-live="off">
  {#if offered}
    {#each offered.names as name (name)}
      <button tabindex="-1" onclick={() => ontake(offered.from, name)}>{name}</button>
    {/each}
    {#if hasKeys}<span class="quiet">{keys.takeName.show}</span>{/if}
  {/if}
</div>

<style>
  .offers {
    display: flex;
    gap: 0.375rem;
    align-items: center;
    min-height: 2.75rem;
    overflow: hidden;
    white-space: nowrap;
  }
  button {
    min-height: 44px;
    padding: 0 0.625rem;
    border-bottom: 2px solid var(--color-edge);
    cursor: pointer;
  }
  button:hover {
    background: var(--color-wood);
  }
  span {
    font-size: 0.875rem;
  }
  @media (max-width: 700px) {
    span {
      display: none;
    }
  }
</style>
