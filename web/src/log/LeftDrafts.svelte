<!-- Rolls half told elsewhere: in another browser, in a tab that was closed. -->
<script lang="ts">
  import { moment } from '../base/words';
  import type { LeftDraft } from './left-behind.svelte';

  let {
    drafts,
    free,
    ontakeup,
    onthrowaway,
  }: {
    drafts: LeftDraft[];
    /** Nothing is being told that would be lost. */
    free: boolean;
    ontakeup: (draft: LeftDraft) => void;
    onthrowaway: (draft: LeftDraft) => void;
  } = $props();

  /** Its first words, cut between two of them. */
  const begun = (text: string) => {
    const words = text.trim();
    return words.length > 60 ? `${words.slice(0, 60).replace(/\s+\S*$/, '')} …` : words;
  };
</script>

{#each drafts as left (left.draft.id)}
  <div class="left">
    <p>
      “{begun(left.draft.text)}” is half told{left.at ? `, last on ${moment(left.at)}` : ''}.
    </p>
    <span class="flex gap-2">
      <button
        class="may"
        disabled={!free}
        title={free ? undefined : 'Save what you are telling first.'}
        onclick={() => ontakeup(left)}>Go on with it</button
      >
      <button class="may" onclick={() => onthrowaway(left)}>Throw it away</button>
    </span>
  </div>
{/each}

<style>
  .left {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 0.5rem 1rem;
    border-left: 3px dashed var(--color-edge);
    padding-left: 0.875rem;
    margin: 0.75rem 0;
  }
  p {
    min-width: 0;
    overflow-wrap: anywhere;
  }
</style>
