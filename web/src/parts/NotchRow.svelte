<!-- One notch in words, to open; with its time, which leads to that moment of the film when there is one. -->
<script lang="ts">
  import { secondsOf } from '../base/words';

  let {
    by,
    words,
    at,
    unsure = false,
    chosen = false,
    onopen,
    onjump,
  }: {
    by: string;
    words: string;
    /** Minutes and seconds since the roll began. */
    at?: string | null;
    unsure?: boolean;
    chosen?: boolean;
    onopen: (row: Element) => void;
    onjump?: (seconds: number) => void;
  } = $props();

  const seconds = $derived(secondsOf(at));
</script>

<li class:unsure>
  <button class="notch" class:chosen onclick={(event) => onopen(event.currentTarget)}>
    <svg width="14" height="10" viewBox="0 0 14 10" class={by} aria-hidden="true"
      ><path d={by === 'me' ? 'M0 0h14L7 10z' : 'M0 10h14L7 0z'} /></svg
    >
    <span>{words}</span>
  </button>
  {#if seconds !== null && onjump}
    <button class="at" onclick={() => onjump(seconds)} aria-label="Go to {at} in the film">{at}</button>
  {:else if seconds !== null}<span class="at">{at}</span>{/if}
</li>

<style>
  li {
    display: flex;
    break-inside: avoid;
    border-bottom: 1px solid var(--color-grain);
  }
  li.unsure {
    border-bottom: 1px dashed var(--color-edge);
  }
  .notch {
    display: flex;
    flex: 1;
    gap: 0.625rem;
    align-items: baseline;
    min-height: 44px;
    padding: 0.5rem;
    text-align: left;
    cursor: pointer;
  }
  .notch:hover,
  .notch.chosen,
  button.at:hover {
    background: var(--color-wood);
  }
  svg {
    flex: none;
    fill: var(--color-mine);
  }
  svg.partner {
    fill: var(--color-theirs);
  }
  .at {
    flex: none;
    min-width: 3.5rem;
    min-height: 44px;
    padding: 0.5rem;
    text-align: right;
    color: var(--color-quiet);
  }
  button.at {
    color: var(--color-ink);
    text-decoration: underline;
    cursor: pointer;
  }
</style>
