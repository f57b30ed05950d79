<!-- One of a few, all in sight. -->
<script lang="ts" generics="T extends string">
  import { SegmentedControl } from '@skeletonlabs/skeleton-svelte';

  let {
    label,
    value,
    choices,
    onchoose,
  }: {
    label: string;
    value: T | null | undefined;
    choices: readonly { id: T; say: string }[];
    onchoose: (value: T) => void;
  } = $props();
</script>

<!-- The mark of the chosen one is placed when it is made, so that has to wait for what there is to choose from. -->
{#if choices.length > 0}
  <SegmentedControl value={value ?? null} onValueChange={({ value: next }) => next && onchoose(next as T)}>
    <SegmentedControl.Label class="sr-only">{label}</SegmentedControl.Label>
    <SegmentedControl.Control class="flex-wrap gap-0! p-0!">
      <SegmentedControl.Indicator />
      {#each choices as choice (choice.id)}
        <SegmentedControl.Item value={choice.id} class="min-h-[44px] px-4! first-letter:uppercase">
          <SegmentedControl.ItemText class="first-letter:uppercase">{choice.say}</SegmentedControl.ItemText>
          <SegmentedControl.ItemHiddenInput />
        </SegmentedControl.Item>
      {/each}
    </SegmentedControl.Control>
  </SegmentedControl>
{/if}
