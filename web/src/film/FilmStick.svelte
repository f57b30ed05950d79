<!-- The film's time as a stick: notches cut where they happened, the saw where the film stands now. -->
<script lang="ts">
  import { clock } from '../base/words';
  import { notch, type Cut, type StickData } from '../stick/shape';
  import type { Film } from './film.svelte';

  let { film, stick, onmark }: { film: Film; stick?: StickData | null; onmark?: () => void } = $props();

  const half = 26;
  const height = 92;
  const middle = height / 2;
  const swing = 20;
  let width = $state(0);
  let held = $state(false);

  const at = (seconds: number) => (seconds / Math.max(0.1, film.length)) * width;
  const now = $derived(at(film.time));
  type Timed = Cut & { seconds: number };
  const timed = $derived(
    (stick?.exchanges ?? [])
      .flatMap((e) => e.cuts)
      .filter((c): c is Timed => c.seconds != null && film.start + c.seconds <= film.length)
      .sort((a, b) => a.seconds - b.seconds),
  );
  const wide = $derived(Math.max(3, Math.min(11, (width / Math.max(1, timed.length)) * 0.3)));
  const cuts = $derived(
    timed.map((cut) => ({
      cut,
      drawn: notch(cut, at(film.start + cut.seconds), middle, middle, half, wide),
    })),
  );
  const split = $derived.by(() => {
    let y = middle - (stick?.exchanges[0]?.level ?? 0) * swing;
    let path = `M${at(film.start)} ${y}`;
    for (const { cut, drawn } of cuts) {
      path += `H${Math.max(0, drawn.x - wide)}`;
      y = middle - cut.level * swing;
      path += `L${drawn.x} ${y}`;
    }
    return `${path}H${width}`;
  });
  const nowIn = $derived(
    timed.findLast((c) => Math.abs(film.start + c.seconds - film.time) < 0.6)?.words ?? '',
  );

  // A notch one stands on is not the one before.
  const before = () => timed.findLast((c) => film.start + c.seconds < film.time - 0.6);
  const after = () => timed.find((c) => film.start + c.seconds > film.time + 0.1);
  function step(to: Timed | undefined, otherwise: number) {
    if (to) film.to(to.seconds);
    else film.by(otherwise);
  }

  function pull(event: PointerEvent) {
    const box = (event.currentTarget as HTMLElement).getBoundingClientRect();
    film.seek(Math.max(0, Math.min(1, (event.clientX - box.left) / box.width)) * film.length);
  }

  function press(event: KeyboardEvent) {
    if (event.altKey || event.ctrlKey || event.metaKey) return;
    const on = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    if (event.key === 'Home') film.seek(0);
    else if (event.key === 'End') film.seek(film.length);
    else if (on !== 0 && event.shiftKey) film.by(on);
    else if (on !== 0) step(on > 0 ? after() : before(), on * 5);
    else return;
    event.preventDefault();
  }
</script>

{#snippet edge(name: string, side: number)}
  <div class="edge" class:right={side > 0}>
    <button
      onclick={() => step(side > 0 ? after() : before(), side * 5)}
      aria-label="To the notch {name}"
      disabled={timed.length === 0}
    >
      <svg width="22" height="18" viewBox="0 0 22 18" aria-hidden="true"
        ><path d={side > 0 ? 'M12 2h10L17 13z' : 'M0 2h10L5 13z'} /><path
          class="line"
          d={side > 0 ? 'M0 8h9' : 'M13 8h9'}
        /></svg
      >
    </button>
    <button onclick={() => film.by(side)} aria-label="1 second {side > 0 ? 'on' : 'back'}">1 s</button>
  </div>
{/snippet}

<div class="whole">
  {@render edge('before', -1)}
  <div class="middle">
    <div
      class="stick"
      bind:clientWidth={width}
      role="slider"
      tabindex="0"
      aria-label="Where in the film"
      aria-valuemin="0"
      aria-valuemax={film.length}
      aria-valuenow={film.time}
      aria-valuetext="{clock(film.time)}{nowIn ? `: ${nowIn}` : ''}"
      onkeydown={press}
      onpointerdown={(event) => {
        held = true;
        event.currentTarget.setPointerCapture(event.pointerId);
        pull(event);
      }}
      onpointermove={(event) => held && pull(event)}
      onpointerup={() => (held = false)}
      onpointercancel={() => (held = false)}
    >
      <svg {width} {height} aria-hidden="true">
        <rect
          class="wood"
          x="0.5"
          y={middle - half}
          width={Math.max(0, width - 1)}
          height={half * 2}
          rx="2"
        />
        {#if film.start > 0}
          <rect class="before" x="0.5" y={middle - half} width={at(film.start)} height={half * 2} rx="2" />
        {/if}
        <path class="split" d={split} />
        {#each cuts as { cut, drawn } (`${cut.exchange} ${cut.notch} ${cut.seconds}`)}
          <path
            class="cut {cut.by}"
            class:open={cut.open}
            class:dashed={cut.dashed}
            d={drawn.path + (cut.open ? '' : 'Z')}
          />
        {/each}
        <path class="saw" d="M{now} 4v{height - 8}" />
        <path class="saw grip" d="M{now - 6} 1h12l-6 9z" />
      </svg>
    </div>
    <div class="at-now" style:--at="{now}px">
      {#if onmark}<button class="do" onclick={onmark}>Cut here, {clock(film.at ?? 0)}</button>
      {:else}<b>{clock(film.at ?? 0)}</b>{/if}
      <p aria-live="polite">{nowIn}</p>
    </div>
  </div>
  {@render edge('after', 1)}
</div>

<style>
  .whole {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr) auto;
    gap: 0.25rem;
    margin-top: 0.25rem;
  }
  .stick {
    touch-action: none;
    cursor: ew-resize;
  }
  svg {
    display: block;
    overflow: visible;
  }
  .edge {
    display: flex;
    flex-direction: column;
    height: 92px;
    justify-content: center;
  }
  .edge button {
    min-width: 44px;
    min-height: 44px;
    display: grid;
    place-items: center;
    cursor: pointer;
    border-radius: 3px;
  }
  .edge button:hover {
    background: var(--color-wood);
  }
  .edge button:disabled {
    opacity: 0.35;
    cursor: default;
  }
  .edge svg {
    fill: var(--color-ink);
  }
  .line {
    stroke: var(--color-ink);
    stroke-width: 2;
  }
  .wood {
    fill: var(--color-wood);
    stroke: var(--color-edge);
  }
  .before {
    fill: var(--color-ground);
    opacity: 0.75;
  }
  .split {
    fill: none;
    stroke: var(--color-ink);
    stroke-width: 1.5;
  }
  .cut.open {
    fill: none;
    stroke-width: 2;
  }
  .cut.dashed {
    fill: none;
    stroke-dasharray: 3 2;
  }
  .saw {
    stroke: var(--color-ink);
    stroke-width: 2;
    stroke-dasharray: 4 2;
  }
  .grip {
    fill: var(--color-ink);
    stroke: none;
  }
  .at-now {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.25rem 0.75rem;
    min-height: 44px;
    padding-left: clamp(0px, calc(var(--at) - 5rem), max(0px, calc(100% - 26rem)));
  }
  .at-now p {
    font-size: 0.9375rem;
    color: var(--color-quiet);
  }
  @media (max-width: 700px) {
    .whole {
      grid-template-columns: 1fr 1fr;
    }
    .middle {
      grid-column: 1 / -1;
      order: -1;
    }
    .edge {
      flex-direction: row;
      height: auto;
      justify-content: start;
    }
    .edge.right {
      flex-direction: row-reverse;
    }
  }
</style>
