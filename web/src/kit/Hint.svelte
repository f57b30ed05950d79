<!-- A word about a control, for who rests on it. -->
<script lang="ts">
  import { Portal, Tooltip } from '@skeletonlabs/skeleton-svelte';
  import type { Snippet } from 'svelte';

  let { hint, children }: { hint: string; children: Snippet<[Record<string, unknown>]> } = $props();

  // A thumb has no keys to be told of.
  const touch = !window.matchMedia('(hover: hover)').matches;

  // What is hinted at keeps its own role and kind.
  function onControl(attributes: Record<string, unknown>) {
    const rest = { ...attributes };
    delete rest.role;
    delete rest.type;
    return rest;
  }
</script>

<Tooltip openDelay={500} disabled={touch} positioning={{ placement: 'bottom' }}>
  <Tooltip.Trigger>
    {#snippet element(attributes)}{@render children(onControl(attributes))}{/snippet}
  </Tooltip.Trigger>
  <Portal>
    <Tooltip.Positioner class="z-40!">
      <Tooltip.Content class="plank px-2 py-1 text-[0.9375rem]">{hint}</Tooltip.Content>
    </Tooltip.Positioner>
  </Portal>
</Tooltip>
