<!-- Something takes a moment; said only when it does. -->
<script lang="ts">
  import { Progress } from '@skeletonlabs/skeleton-svelte';

  let { what }: { what: string } = $props();
  let late = $state(false);

  $effect(() => {
    const timer = setTimeout(() => (late = true), 400);
    return () => clearTimeout(timer);
  });
</script>

{#if late}
  <Progress value={null} class="my-6 max-w-sm">
    <Progress.Label class="quiet">{what}</Progress.Label>
    <Progress.Track><Progress.Range /></Progress.Track>
  </Progress>
{/if}
