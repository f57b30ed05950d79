<script lang="ts">
  import { keys } from '../base/keys';
  import Modal from '../kit/Modal.svelte';
  import { sections } from './sections';

  let { onclose }: { onclose: () => void } = $props();
</script>

<Modal title="Keys" {onclose}>
  <dl class="my-4 grid grid-cols-[auto_1fr] gap-x-4 gap-y-2">
    {#each sections as section, index (section.path)}
      <dt><kbd class="kbd">{index + 1}</kbd></dt>
      <dd>{section.name}</dd>
    {/each}
    {#each Object.values(keys) as key (key.show)}
      <dt class="whitespace-nowrap"><kbd class="kbd">{key.show}</kbd></dt>
      <dd>{key.does}</dd>
    {/each}
  </dl>
  <button class="may" onclick={onclose}>Close</button>
</Modal>

<style>
  .kbd {
    font-family: inherit;
    border: 1px solid var(--color-edge);
    border-radius: 3px;
    padding: 0 0.4rem;
  }
</style>
