<!-- A dialog over the page: it holds the focus, Esc closes it, and the focus goes back to where it was. -->
<script lang="ts">
  import { Dialog, Portal } from '@skeletonlabs/skeleton-svelte';
  import type { Snippet } from 'svelte';

  let { title, onclose, children }: { title: string; onclose: () => void; children: Snippet } = $props();
</script>

<!-- What was typed is not thrown away by a press beside it. -->
<Dialog open closeOnInteractOutside={false} onOpenChange={({ open }) => !open && onclose()}>
  <Portal>
    <Dialog.Backdrop class="fixed inset-0 z-30 bg-black/40" />
    <Dialog.Positioner class="fixed inset-0 z-30 flex items-center justify-center p-3">
      <Dialog.Content
        class="plank max-h-[calc(100dvh-1.5rem)] w-full max-w-xl overflow-y-auto p-5 outline-none"
      >
        <Dialog.Title class="h2">{title}</Dialog.Title>
        {@render children()}
      </Dialog.Content>
    </Dialog.Positioner>
  </Portal>
</Dialog>
