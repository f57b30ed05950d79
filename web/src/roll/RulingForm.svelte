<!-- A line of the score overruled: what stands instead, and why; what was computed stays beside it. -->
<script lang="ts">
  import type { Schemas } from '../api/client';

  let {
    line,
    onsave,
    onback,
    onclose,
  }: {
    line: Schemas['Line'];
    onsave: (ruling: Schemas['RulingDocument']) => void;
    /** Takes the ruling back, where there is one. */
    onback?: () => void;
    onclose: () => void;
  } = $props();

  // svelte-ignore state_referenced_locally
  let points = $state<number | null>(line.points);
  // svelte-ignore state_referenced_locally
  let advantages = $state<number | null>(line.advantages);
  let note = $state('');

  function save(event: SubmitEvent) {
    event.preventDefault();
    onsave({
      for: line.event,
      points: points ?? 0,
      advantages: advantages || undefined,
      note: note.trim() || undefined,
    });
  }
</script>

<form aria-label="Overrule {line.for}" onsubmit={save}>
  <label class="field"
    ><span>Points</span><input type="number" min="-200" max="200" bind:value={points} /></label
  >
  <label class="field"
    ><span>Advantages</span><input type="number" min="0" max="200" bind:value={advantages} /></label
  >
  <label class="field note"
    ><span>Why</span><input bind:value={note} maxlength="200" placeholder="the referee saw it so" /></label
  >
  <span class="flex flex-wrap gap-2">
    <button class="do" type="submit">So it stands</button>
    {#if onback}<button class="may" type="button" onclick={onback}>As computed</button>{/if}
    <button class="may" type="button" onclick={onclose}>Leave it</button>
  </span>
</form>

<style>
  form {
    grid-column: 1 / -1;
    display: grid;
    grid-template-columns: 5.5rem 6.5rem minmax(0, 1fr);
    gap: 0.625rem;
    padding: 0.5rem 0 0.75rem;
  }
  form > span {
    grid-column: 1 / -1;
  }
  @media (max-width: 700px) {
    form {
      grid-template-columns: 1fr 1fr;
    }
    .note {
      grid-column: 1 / -1;
    }
  }
</style>
