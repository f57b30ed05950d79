<!-- What went wrong with something that was asked for, and a way to ask again. -->
<script lang="ts">
  import type { Resource } from '../base/resource.svelte';

  let { of }: { of: Resource<unknown> } = $props();
</script>

{#if of.failed}
  <p class="fault" role="alert">{of.failed} <button class="may" onclick={of.load}>Try again</button></p>
{/if}
