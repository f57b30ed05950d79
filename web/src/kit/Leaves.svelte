<!-- Several leaves in one place, one in sight. -->
<script lang="ts">
  import { Tabs } from '@skeletonlabs/skeleton-svelte';
  import type { Snippet } from 'svelte';

  let { leaves }: { leaves: { id: string; name: string; leaf: Snippet }[] } = $props();

  let chosen = $state('');
  const open = $derived(leaves.some((l) => l.id === chosen) ? chosen : (leaves[0]?.id ?? ''));
</script>

<Tabs value={open} onValueChange={({ value }) => (chosen = value)} class="mt-3">
  <Tabs.List class="mb-2! gap-1! pb-0!">
    {#each leaves as { id, name } (id)}
      <Tabs.Trigger value={id} class="min-h-[44px] px-3! {open === id ? 'font-semibold' : ''}"
        >{name}</Tabs.Trigger
      >
    {/each}
    <Tabs.Indicator />
  </Tabs.List>
  {#each leaves as { id, leaf } (id)}
    <Tabs.Content value={id}
      >{#if open === id}{@render leaf()}{/if}</Tabs.Content
    >
  {/each}
</Tabs>
