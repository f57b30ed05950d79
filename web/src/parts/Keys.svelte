<script lang="ts">
  import { sections } from './sections';

  let { open = $bindable(false) }: { open: boolean } = $props();
  let dialog: HTMLDialogElement;

  $effect(() => {
    if (open && !dialog.open) dialog.showModal();
    if (!open && dialog.open) dialog.close();
  });
</script>

<dialog bind:this={dialog} onclose={() => (open = false)} aria-labelledby="keys" class="plank">
  <h2 id="keys">Keys</h2>
  <dl>
    {#each sections as section, index (section.path)}
      <dt><kbd>{index + 1}</kbd></dt>
      <dd>{section.name}</dd>
    {/each}
    <dt><kbd>l</kbd></dt>
    <dd>Log a roll</dd>
    <dt><kbd>/</kbd></dt>
    <dd>Find</dd>
    <dt><kbd>Ctrl</kbd> <kbd>Enter</kbd></dt>
    <dd>Save what is told</dd>
    <dt><kbd>Ctrl</kbd> <kbd>Space</kbd></dt>
    <dd>Take the name offered</dd>
    <dt><kbd>Alt</kbd> <kbd>↓</kbd>, <kbd>Alt</kbd> <kbd>Enter</kbd></dt>
    <dd>Next doubt; accept the first answer</dd>
    <dt><kbd>Alt</kbd> <kbd>Z</kbd>, with <kbd>Shift</kbd></dt>
    <dd>Undo what was put right or tapped; redo</dd>
    <dt><kbd>Alt</kbd> <kbd>P</kbd>, <kbd>Alt</kbd> <kbd>S</kbd></dt>
    <dd>Film: play or pause; half speed</dd>
    <dt><kbd>Alt</kbd> <kbd>,</kbd> <kbd>.</kbd>, with <kbd>Shift</kbd></dt>
    <dd>Film: a second back or on; five</dd>
    <dt><kbd>Alt</kbd> <kbd>M</kbd></dt>
    <dd>Film: mark a notch here</dd>
    <dt><kbd>Esc</kbd></dt>
    <dd>Back</dd>
    <dt><kbd>?</kbd></dt>
    <dd>This list</dd>
  </dl>
  <button class="may" onclick={() => (open = false)}>Close</button>
</dialog>

<style>
  dl {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 0.5rem 1rem;
    margin: 1rem 0;
  }
  kbd {
    font-family: inherit;
    border: 1px solid var(--edge);
    border-radius: 3px;
    padding: 0 0.4rem;
  }
</style>
