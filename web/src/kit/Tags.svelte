<!-- A list of short words: written one after the other, or taken from what is offered. -->
<script lang="ts">
  import { TagsInput } from '@skeletonlabs/skeleton-svelte';

  let {
    label,
    value,
    offered = [],
    placeholder,
    onchange,
  }: {
    label: string;
    value: string[];
    /** Words to take with one press. */
    offered?: readonly string[];
    placeholder?: string;
    onchange: (value: string[]) => void;
  } = $props();

  const left = $derived(offered.filter((word) => !value.includes(word)));
</script>

<TagsInput
  {value}
  onValueChange={({ value: next }) => onchange(next)}
  addOnPaste
  blurBehavior="add"
  delimiter=","
  class="min-w-0 gap-1!"
>
  <TagsInput.Label>{label}</TagsInput.Label>
  <TagsInput.Control class="flex! min-h-[44px] items-center">
    {#each value as word, index (`${index} ${word}`)}
      <TagsInput.Item {index} value={word}>
        <TagsInput.ItemPreview class="min-h-[32px]">
          <TagsInput.ItemText>{word}</TagsInput.ItemText>
          <TagsInput.ItemDeleteTrigger aria-label="Take out {word}" class="size-6!"
            >×</TagsInput.ItemDeleteTrigger
          >
        </TagsInput.ItemPreview>
        <TagsInput.ItemInput />
      </TagsInput.Item>
    {/each}
    <TagsInput.Input class="min-w-28 flex-1" placeholder={value.length === 0 ? placeholder : undefined} />
  </TagsInput.Control>
  <TagsInput.HiddenInput />
</TagsInput>
{#if left.length > 0}
  <div class="mt-1 flex flex-wrap gap-1" role="group" aria-label="{label}: offered">
    {#each left as word (word)}
      <button type="button" class="offer" onclick={() => onchange([...value, word])}>{word}</button>
    {/each}
  </div>
{/if}

<style>
  .offer {
    min-height: 44px;
    padding: 0 0.625rem;
    border-bottom: 2px solid var(--color-grain);
    cursor: pointer;
  }
  .offer:hover {
    background: var(--color-wood);
  }
</style>
