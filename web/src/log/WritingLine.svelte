<!-- One line that grows: the telling with its names underlined as they are understood, and names offered while one writes. -->
<script lang="ts">
  import type { Schemas } from '../api/client';
  import Marked from './Marked.svelte';
  import Completion from './Completion.svelte';

  let {
    text = $bindable(),
    reading,
    readText,
    ready,
    onpaste,
  }: {
    text: string;
    reading: Schemas['ReadingView'] | null;
    readText: string;
    ready: boolean;
    /** Takes what was pasted over; false leaves it to the line. */
    onpaste: (pasted: string) => boolean;
  } = $props();

  let box = $state<HTMLTextAreaElement>();
  let completion = $state<Completion>();
  let cursor = $state(0);

  export function focus(at?: number) {
    box?.focus();
    if (at !== undefined) queueMicrotask(() => box?.setSelectionRange(at, at));
  }

  export const offers = () => completion?.take() ?? false;

  function take(from: number, name: string) {
    text = `${text.slice(0, from)}${name}${text.slice(cursor)}`;
    cursor = from + name.length;
    queueMicrotask(() => focus(cursor));
  }

  const moved = () => (cursor = box?.selectionStart ?? 0);
</script>

<div class="telling">
  <div class="marks" aria-hidden="true">
    <Marked {text} marked={readText} mentions={reading?.mentions ?? []} unread={reading?.unread ?? []} />
  </div>
  <label>
    <span class="sr-only">Tell the roll in your own words</span>
    <textarea
      bind:this={box}
      bind:value={text}
      oninput={moved}
      onkeyup={moved}
      onclick={moved}
      onpaste={(event) => {
        if (onpaste(event.clipboardData?.getData('text') ?? '')) event.preventDefault();
      }}
      rows="4"
      readonly={!ready}
      spellcheck="false"
      autocapitalize="sentences"
      placeholder="Tell it like you would tell a friend: where it started, who tried what, what came of it."
      aria-describedby="told-state"></textarea>
  </label>
</div>
<Completion bind:this={completion} {text} at={cursor} ontake={take} />

<style>
  .telling {
    display: grid;
    background: var(--color-raised);
    border-radius: 4px;
  }
  .marks,
  label {
    grid-area: 1 / 1;
    min-width: 0;
  }
  .marks {
    padding: calc(0.875rem + 1px) calc(1rem + 1px);
    color: transparent;
    overflow: hidden;
  }
  .marks :global(.unread) {
    color: transparent;
  }
  .marks,
  textarea {
    font-size: 1.125rem;
    line-height: 1.7;
    overflow-wrap: anywhere;
    white-space: pre-wrap;
  }
  textarea {
    position: relative;
    display: block;
    width: 100%;
    min-height: 8.5rem;
    field-sizing: content;
    padding: 0.875rem 1rem;
    font-family: inherit;
    letter-spacing: inherit;
    color: var(--color-ink);
    background: transparent;
    border: 1px solid var(--color-edge);
    border-radius: 4px;
    resize: none;
  }
  textarea::placeholder {
    color: var(--color-quiet);
    opacity: 1;
  }
</style>
