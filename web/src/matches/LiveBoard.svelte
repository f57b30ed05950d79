<!-- A match press by press: the score, the clock, large keys for both sides, and undo. -->
<script lang="ts">
  import { onDestroy } from 'svelte';
  import type { Schemas } from '../api/client';
  import { clock } from '../base/words';
  import Segments from '../kit/Segments.svelte';
  import { tell } from '../kit/notices';
  import type { Live } from './live.svelte';

  let {
    live,
    events,
    advantages,
    onkept,
    onleft,
  }: {
    live: Live;
    /** What scores under the rules, in their order. */
    events: Schemas['Choice'][];
    advantages: boolean;
    onkept: (roll: string) => void;
    onleft: () => void;
  } = $props();

  type How = NonNullable<Schemas['Press']['how']>;
  let how = $state<How>('scored');
  const score = $derived(live.score);
  const sides = [
    { by: 'me', name: 'You' },
    { by: 'partner', name: 'They' },
  ] as const;
  const ways: { id: How; say: string }[] = [
    { id: 'scored', say: 'Held' },
    { id: 'not-held', say: 'Not held' },
    { id: 'near', say: 'Near' },
  ];
  // What scores nothing and still says where the two are.
  const moves = [
    { id: 'guard-pull', name: 'pulled guard' },
    { id: 'stand-up', name: 'stood up' },
    { id: 'reversal', name: 'reversed' },
  ];

  function press(by: 'me' | 'partner', what: string, as: How = how) {
    live.press(by, what as Schemas['Press']['for'], as);
    // The next press is the usual one again.
    how = 'scored';
  }

  async function over() {
    const roll = await live.over();
    if (roll) onkept(roll);
  }

  function discard() {
    live.discard();
    tell({ text: 'Nothing of it was kept.' });
    onleft();
  }

  onDestroy(() => live.leave());
</script>

<div class="top">
  <p class="board" aria-live="polite">
    <span class="me">{score?.me ?? 0}</span><span class="colon">:</span><span class="partner"
      >{score?.partner ?? 0}</span
    >
  </p>
  <div class="clock">
    <span>{clock(live.left ?? live.seconds)}</span>
    {#if live.running}
      <button class="may" onclick={live.pause}>Stop the clock</button>
    {:else}
      <button class="may" onclick={live.start}>Start the clock</button>
    {/if}
  </div>
</div>
{#if score && score.myAdvantages + score.theirAdvantages + score.myPenalties + score.theirPenalties > 0}
  <p class="quiet small">
    Advantages {score.myAdvantages}:{score.theirAdvantages}. Penalties {score.myPenalties}:{score.theirPenalties}.
  </p>
{/if}
<p class="say">{score?.say ?? ''}</p>
{#if live.failed}
  <p class="fault" role="alert">
    Not counted yet: {live.failed} <button class="underline" onclick={live.count}>Ask again</button>
  </p>
{/if}

<div class="ways">
  <Segments label="How it came out" value={how} choices={ways} onchoose={(next) => (how = next)} />
</div>
<div class="sides">
  {#each sides as side (side.by)}
    <div role="group" aria-label={side.name} class={side.by}>
      <h2>{side.name}</h2>
      {#each events as event (event.id)}
        <button class="key" disabled={score?.over} onclick={() => press(side.by, event.id)}
          >{event.name}</button
        >
      {/each}
      <button class="key" disabled={score?.over} onclick={() => press(side.by, 'submission', 'near')}
        >nearly a tap</button
      >
      {#each moves as move (move.id)}
        <button class="key light" disabled={score?.over} onclick={() => press(side.by, move.id, 'scored')}
          >{move.name}</button
        >
      {/each}
      <button class="key light" disabled={score?.over} onclick={() => press(side.by, 'penalty', 'scored')}
        >penalty</button
      >
      <button class="key tap" disabled={score?.over} onclick={() => press(side.by, 'submission', 'scored')}
        >{side.by === 'me' ? 'they tapped' : 'I tapped'}</button
      >
    </div>
  {/each}
</div>
<div class="closing">
  <button class="may" disabled={live.pressed === 0} onclick={live.undo}>Undo</button>
  <button class="do" disabled={live.pressed === 0 || live.saving} onclick={over}>It is over: keep it</button>
  <button class="may ms-auto" onclick={discard}>Let go of it</button>
</div>
{#if score}
  {#each [...score.flips, ...score.lead] as said (said)}<p>{said}</p>{/each}
  <ol aria-label="What was counted">
    {#each score.lines as line, i (i)}
      <li class={line.by}>
        <strong>{line.gained}</strong>
        <span
          >{line.by === 'me' ? 'You' : 'They'}: {line.for}{line.at ? ` at ${line.at}` : ''}. {line.why}</span
        >
      </li>
    {/each}
  </ol>
  {#if !advantages}<p class="quiet">There are no advantages under these rules.</p>{/if}
{/if}

<style>
  .top {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 0.5rem 1.5rem;
  }
  .board {
    display: flex;
    gap: 0.75rem;
    font-family: var(--typo-heading--font-family);
    font-size: 3.5rem;
    font-weight: 700;
    line-height: 1.1;
  }
  .board .me {
    color: var(--color-mine);
  }
  .board .partner {
    color: var(--color-theirs);
  }
  .clock {
    display: flex;
    align-items: center;
    gap: 0.75rem;
    font-size: 1.75rem;
    font-weight: 650;
  }
  .say {
    font-weight: 650;
    min-height: 1.5rem;
  }
  .ways {
    margin: 0.5rem 0;
  }
  .sides {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.75rem;
  }
  .sides > div {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 0.375rem;
    align-content: start;
  }
  .sides h2 {
    grid-column: 1 / -1;
  }
  @media (min-width: 701px) {
    .sides > div {
      grid-template-columns: 1fr 1fr 1fr;
    }
  }
  .key {
    min-height: 52px;
    padding: 0.25rem 0.5rem;
    background: var(--color-raised);
    border: 1px solid var(--color-grain);
    border-bottom-width: 4px;
    border-radius: 4px;
    line-height: 1.15;
    cursor: pointer;
  }
  .key:first-letter {
    text-transform: uppercase;
  }
  .me .key {
    border-bottom-color: var(--color-mine);
  }
  .partner .key {
    border-bottom-color: var(--color-theirs);
  }
  .key.light {
    background: transparent;
  }
  .key.tap {
    font-weight: 700;
  }
  .key:disabled {
    opacity: 0.5;
    cursor: default;
  }
  .closing {
    bottom: 0;
    margin: 0.75rem 0;
    background: var(--color-ground);
    padding-bottom: 0.75rem;
  }
  @media (max-width: 700px) {
    .closing {
      bottom: 56px;
    }
  }
  ol {
    margin-top: 0.5rem;
  }
  li {
    display: grid;
    grid-template-columns: 7rem minmax(0, 1fr);
    gap: 0.75rem;
    padding: 0.375rem 0 0.375rem 0.75rem;
    border-bottom: 1px solid var(--color-grain);
  }
  li.me {
    border-left: 4px solid var(--color-mine);
  }
  li.partner {
    border-left: 4px solid var(--color-theirs);
  }
</style>
