<!-- Rolls that wait for an answer, and those that were refused. -->
<script lang="ts">
  import { times } from '../base/words';
  import { letGo, outbox, stuck, type Waiting } from './outbox.svelte';

  let {
    free,
    ontakeup,
  }: { /** Nothing is being told that would be lost. */ free: boolean; ontakeup: (roll: Waiting) => void } =
    $props();

  const queued = $derived(stuck().length);
</script>

{#if queued > 0}
  <p role="status">
    {#if outbox.safe}
      {times(queued, 'telling')} kept in this browser until {outbox.trouble
        ? `Ash Notch can keep ${queued === 1 ? 'it' : 'them'}: ${outbox.trouble}`
        : 'Ash Notch answers again. Nothing is lost; go on.'}
    {:else}
      {times(queued, 'telling')} held by this page alone: this browser stores nothing. Leave the page open until
      Ash Notch answers{outbox.trouble ? `: ${outbox.trouble}` : '.'}
    {/if}
  </p>
{/if}
{#each outbox.waiting.filter((w) => w.refused) as roll (roll.id)}
  <p role="alert">
    “{roll.body.text?.slice(0, 60)}” was refused: {roll.refused}
    <button class="may" disabled={!free} onclick={() => ontakeup(roll)}>Put it right</button>
  </p>
{/each}

{#if outbox.unreadable.length > 0}
  <div role="alert">
    <p>
      {times(outbox.unreadable.length, 'telling')} that waited in this browser cannot be read, and {outbox
        .unreadable.length === 1
        ? 'is'
        : 'are'} not sent. Copy what you need of it:
    </p>
    <pre class="max-h-48 overflow-auto whitespace-pre-wrap break-words text-sm">{outbox.unreadable.join(
        '\n\n',
      )}</pre>
    <button class="may" onclick={letGo}>Let it go</button>
  </div>
{/if}

<style>
  p {
    border-left: 3px dashed var(--color-edge);
    padding-left: 0.875rem;
    margin: 0.75rem 0;
  }
</style>
