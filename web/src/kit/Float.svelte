<!-- A panel beside what it is about; on a phone it comes up from the foot of the screen, where the thumb is. -->
<script lang="ts">
  import { Popover, Portal } from '@skeletonlabs/skeleton-svelte';
  import type { Snippet } from 'svelte';

  let {
    title,
    beside,
    onclose,
    children,
  }: {
    title: string;
    /** The element it belongs to; without one it stands where the focus is. */
    beside?: Element | null;
    onclose: () => void;
    children: Snippet;
  } = $props();

  // svelte-ignore state_referenced_locally
  const anchor = beside ?? document.activeElement;
  const phone = window.matchMedia('(max-width: 700px)').matches;
</script>

<Popover
  open
  modal
  autoFocus
  closeOnInteractOutside={false}
  onOpenChange={({ open }) => !open && onclose()}
  positioning={{
    placement: 'right-start',
    strategy: 'fixed',
    overlap: true,
    fitViewport: true,
    getAnchorRect: () => anchor?.getBoundingClientRect() ?? null,
  }}
>
  <Portal>
    <div class="fixed inset-0 z-30 bg-black/25" aria-hidden="true"></div>
    <Popover.Positioner class="z-30! {phone ? 'foot' : ''}">
      <Popover.Content class="panel plank p-5 outline-none">
        <Popover.Title class="h2">{title}</Popover.Title>
        {@render children()}
      </Popover.Content>
    </Popover.Positioner>
  </Portal>
</Popover>

<style>
  :global(.panel) {
    width: min(36rem, calc(100vw - 1.5rem));
    max-height: min(var(--available-height, 90dvh), calc(100dvh - 1.5rem));
    overflow-y: auto;
  }
  /* On a phone it is moved to the foot of the screen, whatever it stands beside. */
  :global(.foot[data-part='positioner']) {
    position: fixed !important;
    inset: auto 0 0 !important;
    transform: none !important;
  }
  :global(.foot .panel) {
    width: 100vw;
    max-height: 88dvh;
    border-radius: 8px 8px 0 0;
  }
</style>
