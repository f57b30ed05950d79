<!-- The notches read while writing, to open and put right, and the text with its names underlined. -->
<script lang="ts">
  import type { Schemas } from '../api/client';
  import Marked from '../parts/Marked.svelte';

  let {
    reading,
    text,
    corrected,
    onopen,
    onundoall,
  }: {
    reading: Schemas['ReadingView'];
    text: string;
    corrected: number;
    onopen: (read: Schemas['NotchRead']) => void;
    onundoall: () => void;
  } = $props();

  const none = $derived(reading.exchanges.every((e) => e.notches.length === 0));
</script>

<div class="read">
  <div>
    <h2>Notches</h2>
    {#if none}<p class="quiet">
        Nothing read yet. Name a move or a place: "I pulled guard", "he took my back".
      </p>{/if}
    {#each reading.exchanges as exchange, e (e)}
      {#if reading.exchanges.length > 1}<p class="quiet from">
          Exchange {e + 1}{exchange.start ? `, from ${exchange.start}` : ''}
        </p>{/if}
      <ol>
        {#each exchange.notches as read, n (n)}
          <li>
            <button
              class="notch {read.notch.by}"
              class:unsure={read.notch.unsure && !read.corrected}
              onclick={() => onopen(read)}
            >
              <svg width="14" height="10" viewBox="0 0 14 10" aria-hidden="true"
                ><path d={read.notch.by === 'me' ? 'M0 0h14L7 10z' : 'M0 10h14L7 0z'} /></svg
              >
              <span>{read.say}{read.corrected ? ' (put right)' : ''}</span>
            </button>
          </li>
        {/each}
      </ol>
    {/each}
  </div>
  <div>
    <h2>As it was read</h2>
    <Marked {text} mentions={reading.mentions} unread={reading.unread} />
    {#if reading.unread.length > 0}
      <p class="quiet mt-2">What is wavy was not understood. It is kept as you wrote it.</p>
    {/if}
    {#each reading.takeaways as takeaway (takeaway)}<p class="mt-2">
        <strong>Takeaway:</strong>
        {takeaway}
      </p>{/each}
    {#if corrected > 0}<button class="may mt-3" onclick={onundoall}>Undo all corrections</button>{/if}
  </div>
</div>

<style>
  .read {
    display: grid;
    grid-template-columns: 1.1fr 1fr;
    gap: 2rem;
  }
  .from {
    margin-top: 0.5rem;
  }
  .notch {
    display: flex;
    gap: 0.625rem;
    align-items: baseline;
    width: 100%;
    min-height: 44px;
    padding: 0.5rem 0.5rem;
    text-align: left;
    cursor: pointer;
    border-bottom: 1px solid var(--grain);
  }
  .notch.unsure {
    border-bottom-style: dashed;
    border-bottom-color: var(--edge);
  }
  .notch:hover {
    background: var(--wood);
  }
  .notch svg {
    flex: none;
    fill: var(--mine);
  }
  .notch.partner svg {
    fill: var(--theirs);
  }
  @media (max-width: 700px) {
    .read {
      grid-template-columns: 1fr;
      gap: 1rem;
    }
  }
</style>
