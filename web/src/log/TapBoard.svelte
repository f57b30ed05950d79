<!-- For a thumb: where the roll stands, and the likeliest next moves as keys, mine on the left, theirs on the right. Every press writes a line. -->
<script lang="ts">
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import Failed from '../kit/Failed.svelte';
  import type { LogDraft } from './draft.svelte';

  let {
    draft,
    place,
    stamp,
  }: {
    draft: LogDraft;
    place: string | null | undefined;
    /** What to put before a line: the time of the film, if there is one. */
    stamp: () => string;
  } = $props();

  type Key = Schemas['BoardKey'];

  const asked = resource(() =>
    got(api.GET('/api/board', { params: { query: { place: place ?? undefined } } })),
  );
  const board = $derived(asked.value);
  let find = $state('');
  let finding = $state(false);
  const search = resource(async () => {
    const q = find.trim();
    return q === '' ? [] : got(api.GET('/api/board/find', { params: { query: { q } } }));
  });

  const keys = $derived(finding && find ? (search.value ?? []) : (board?.keys ?? []));
  const mine = $derived(keys.filter((k) => k.by === 'me'));
  const theirs = $derived(keys.filter((k) => k.by === 'partner'));

  function cut(line: string) {
    draft.addLine(stamp() + line);
    finding = false;
    find = '';
  }

  // A tap with no move named: who tapped is asked.
  let tapping = $state(false);
</script>

<section class="board" aria-label="Tap board">
  <div class="bar">
    <button class="may" onclick={draft.undo} disabled={!draft.canUndo}>Undo</button>
    <button class="may" onclick={() => (tapping = !tapping)} aria-pressed={tapping}>Finish</button>
    <button class="may" onclick={() => board && cut(board.lines.reset)}>New start</button>
    <button class="may" onclick={() => board && cut(board.lines.time)}>Time</button>
    <button
      class="may"
      aria-pressed={finding}
      onclick={() => {
        finding = !finding;
        find = '';
      }}>Find</button
    >
    <button class="may" onclick={() => board && cut(board.lines.held)}>Held</button>
    <button class="may" onclick={() => board && cut(board.lines.notHeld)}>Not held</button>
  </div>
  {#if board}
    {#if tapping}
      {@const lines = board.lines}
      <div class="starts" role="group" aria-label="Who tapped?">
        <button class="may" onclick={() => ((tapping = false), cut(lines.theyTapped))}>They tapped</button>
        <button class="may" onclick={() => ((tapping = false), cut(lines.iTapped))}>I tapped</button>
        <button class="may" onclick={() => (tapping = false)}>Nobody</button>
      </div>
    {/if}
    <p class="now">
      {#if board.say}Now: <strong>{board.say}</strong>{:else}Where does it start?{/if}
    </p>
    {#if board.starts.length > 0}
      <div class="starts">
        {#each board.starts as start (start.line)}<button class="may" onclick={() => cut(start.line)}
            >{start.say}</button
          >{/each}
      </div>
    {/if}
    {#if finding}
      <label class="field find"
        ><span>Find a move</span><input
          bind:value={find}
          autocomplete="off"
          data-find
          {@attach (input: HTMLInputElement) => input.focus()}
        /></label
      >
    {/if}
    {#snippet side(keys: Key[], who: string)}
      <div class="side" role="group" aria-label={who}>
        <h2>{who}</h2>
        {#each keys as key (key.move)}
          <div class="key {key.by}" class:barred={!!key.barred} title={key.barred}>
            <button class="hit" onclick={() => cut(key.landed)}
              ><span>{key.name}</span>{#if key.barred}<small>barred in matches</small
                >{:else if key.taps}<small>finish</small>{/if}</button
            >
            <button class="part" aria-label="{key.name}, stopped" onclick={() => cut(key.stopped)}
              >stopped</button
            >
            <button class="part" aria-label="{key.name}, nearly" onclick={() => cut(key.near)}>nearly</button>
          </div>
        {/each}
      </div>
    {/snippet}
    <div class="sides">
      {@render side(mine, 'Mine')}
      {@render side(theirs, 'Theirs')}
    </div>
  {/if}
  <Failed of={asked} />
  <Failed of={search} />
</section>

<style>
  .board {
    margin-top: 0.75rem;
  }
  .now {
    font-size: 1.125rem;
    margin-bottom: 0.5rem;
  }
  .starts {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    margin-bottom: 0.75rem;
  }
  .find {
    margin-bottom: 0.75rem;
  }
  .sides {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.75rem;
  }
  .side h2 {
    font-size: 1rem;
    margin-bottom: 0.25rem;
  }
  .key {
    display: grid;
    grid-template-columns: 1fr 1fr;
    margin-bottom: 0.5rem;
    border: 1px solid var(--color-edge);
    border-radius: 4px;
    background: var(--color-raised);
    overflow: hidden;
  }
  .key.barred .hit span {
    color: var(--color-quiet);
  }
  .key.me {
    border-top: 4px solid var(--color-mine);
  }
  .key.partner {
    border-bottom: 4px solid var(--color-theirs);
  }
  .hit {
    grid-column: span 2;
    min-height: 52px;
    padding: 0.25rem 0.625rem;
    text-align: left;
    font-weight: 600;
    line-height: 1.2;
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 0.5rem;
    cursor: pointer;
  }
  .hit small {
    font-weight: 400;
    color: var(--color-quiet);
  }
  .part {
    min-height: 44px;
    border-top: 1px solid var(--color-grain);
    color: var(--color-quiet);
    cursor: pointer;
  }
  .part + .part {
    border-left: 1px solid var(--color-grain);
  }
  /* A thumb leaves no pointer behind. */
  @media (hover: hover) {
    .hit:hover,
    .part:hover {
      background: var(--color-wood);
    }
  }
  .bar {
    display: flex;
    flex-wrap: wrap;
    gap: 0.375rem;
    margin-bottom: 0.5rem;
  }
  .bar .may {
    flex: 1 1 auto;
    padding-inline: 0.375rem;
  }
  /* Where there is room, a move and how it came out stand in one line. */
  @media (min-width: 901px) {
    .bar .may {
      flex: none;
      padding-inline: 1rem;
    }
    .key {
      grid-template-columns: minmax(0, 1fr) 6rem 6rem;
      margin-bottom: 0.375rem;
    }
    .key.me {
      border-top-width: 1px;
      border-left: 4px solid var(--color-mine);
    }
    .key.partner {
      border-bottom-width: 1px;
      border-right: 4px solid var(--color-theirs);
    }
    .hit {
      grid-column: auto;
      min-height: 44px;
    }
    .part {
      border-top: 0;
      border-left: 1px solid var(--color-grain);
    }
    .starts,
    .now {
      margin-bottom: 0.25rem;
    }
  }
</style>
