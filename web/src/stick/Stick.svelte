<!-- The picture of one roll: split line, notches from either edge, saw cuts between exchanges. -->
<script lang="ts">
  import { label as name, rowHeight, rowsOf } from './labels';
  import { draw, sizes, type Cut, type DrawnCut, type Size, type StickData } from './shape';

  interface Props {
    stick: StickData;
    size?: Size;
    /** Whose roll it is, for the text equivalent. */
    label: string;
    chosen?: Cut | null;
    /** How it stood after each exchange, mine first. */
    running?: readonly string[];
    onchoose?: (cut: Cut) => void;
  }

  let { stick, size = 'row', label, chosen = null, running = [], onchoose }: Props = $props();

  let width = $state(0);
  let active = $state(0);
  const drawn = $derived(draw(stick, Math.max(width, 60), size));
  const measure = $derived(sizes[size]);
  const live = $derived(size === 'wide');
  const current = $derived(drawn.cuts[Math.min(active, drawn.cuts.length - 1)]);
  let focused = $state(false);
  let touched = $state(false);
  const names = $derived(live ? name(drawn.cuts, width) : []);
  const rows = $derived(rowsOf(names));
  // Room for the score under the lowest names.
  const scored = $derived(live && running.length > 0 ? rowHeight + 4 : 0);
  const above = $derived(rows.above * rowHeight);
  const marked = $derived(focused || touched);

  const same = (a: Cut | null, b: Cut) => a?.exchange === b.exchange && a?.notch === b.notch;

  function keys(event: KeyboardEvent) {
    const step = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    if (step !== 0) {
      event.preventDefault();
      active = Math.max(0, Math.min(drawn.cuts.length - 1, active + step));
    } else if ((event.key === 'Enter' || event.key === ' ') && current) {
      event.preventDefault();
      onchoose?.(current.cut);
    }
  }
</script>

<div class="stick" bind:clientWidth={width}>
  {#if live}
    <!-- A group that takes the arrow keys, with what it says in the line beneath. -->
    <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
    <!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
    <div
      role="group"
      aria-label="{label}: {drawn.cuts.length} notches; left and right arrows go from notch to notch"
      tabindex="0"
      onkeydown={keys}
      onfocus={() => (focused = true)}
      onblur={() => (focused = touched = false)}
    >
      {@render picture()}
    </div>
    <p class="said" aria-live="polite">
      {#if marked && current}{current.cut.words}{/if}
    </p>
  {:else}
    {@render picture()}
  {/if}
  <ol class="sr-only">
    {#each stick.exchanges as exchange, index (index)}
      <li>
        {exchange.start ? `Starts: ${exchange.start}.` : 'Start not told.'}
        {#each exchange.cuts as cut (cut.notch)}{`${cut.words}. `}{/each}
        {exchange.end ? `Ended by ${exchange.end}.` : ''}
        {running[index] ? `On points ${running[index]}.` : ''}
      </li>
    {/each}
  </ol>
</div>

{#snippet mark(one: DrawnCut)}
  {@const away = one.cut.by === 'me' ? -1 : 1}
  {@const big = live ? 9 : 7}
  <path
    class="mark"
    d="M{one.x} {measure.height / 2 + away * (measure.half + (live ? 4 : 3))}l{-big / 1.8} {away * big}h{big /
      0.9}z"
  />
{/snippet}

{#snippet picture()}
  {@const middle = measure.height / 2}
  <svg
    {width}
    height={measure.height + above + rows.below * rowHeight + scored}
    viewBox="0 {-above} {Math.max(width, 1)} {measure.height + above + rows.below * rowHeight + scored}"
    aria-hidden="true"
    class:thumb={size === 'thumb'}
  >
    <rect
      class="wood"
      x="1"
      y={middle - measure.half}
      width={Math.max(0, width - 2)}
      height={measure.half * 2}
      rx="2"
    />
    {#if live}
      {#each [0.35, 0.72, 1.3, 1.62] as grain (grain)}
        <path class="grain" d="M4 {middle - measure.half + measure.half * grain}h{Math.max(0, width - 8)}" />
      {/each}
    {/if}
    <path class="split" d={drawn.split} />
    {#each drawn.saws as saw (saw.x)}
      <path
        class="saw"
        class:deep={saw.tap}
        d="M{saw.x} {middle - measure.half - 3}v{measure.half * 2 + 6}"
      />
    {/each}
    {#each drawn.cuts as one, index (index)}
      <path
        class="cut {one.cut.by}"
        class:open={one.cut.open}
        class:dashed={one.cut.dashed}
        class:through={one.cut.depth === 'through'}
        d={one.path + (one.cut.open ? '' : 'Z')}
      />
      {#if one.cut.turns && size !== 'thumb'}
        <circle class="knot" cx={one.x} cy={one.y} r={live ? 6 : 4} />
      {/if}
      {#if one.cut.marked}{@render mark(one)}{/if}
      {#if live}
        <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
        <rect
          class="hit"
          x={one.x - 14}
          y={middle - measure.half - 8}
          width="28"
          height={measure.half * 2 + 16}
          onclick={() => {
            active = index;
            touched = true;
            onchoose?.(one.cut);
          }}
        />
        {#if same(chosen, one.cut) || (marked && index === active)}{@render mark(one)}{/if}
      {/if}
    {/each}
    {#if scored}
      {#each drawn.ends as x, index (index)}
        <text class="score" {x} y={measure.height + rows.below * rowHeight + scored - 6} text-anchor="end"
          >{running[index] ?? ''}</text
        >
      {/each}
    {/if}
    {#each names.filter((n) => n.row > 0) as one (one.cut)}
      {@const from = one.mine ? middle - measure.half - 2 : middle + measure.half + 2}
      {@const far = one.row * rowHeight + 4}
      <path class="lead" d="M{drawn.cuts[one.cut]?.x ?? one.x} {from}v{one.mine ? -far : far}" />
    {/each}
    {#each names as one (one.cut)}
      {@const away = one.row * rowHeight}
      <text
        class={one.mine ? 'me' : 'partner'}
        x={one.x}
        y={one.mine ? middle - measure.half - 12 - away : middle + measure.half + 22 + away}
        text-anchor="middle">{one.text}</text
      >
    {/each}
  </svg>
{/snippet}

<style>
  .stick {
    width: 100%;
    min-width: 0;
  }
  svg {
    display: block;
    overflow: visible;
    max-width: 100%;
  }
  .wood {
    fill: var(--color-wood);
    stroke: var(--color-edge);
    stroke-width: 1;
  }
  .grain {
    stroke: var(--color-grain);
    fill: none;
  }
  .split {
    fill: none;
    stroke: var(--color-ink);
    stroke-width: 1.75;
  }
  .thumb .split {
    stroke-width: 1.25;
  }
  .saw {
    stroke: var(--color-edge);
    stroke-width: 1.5;
    stroke-dasharray: 3 2;
  }
  .saw.deep {
    stroke: var(--color-ink);
    stroke-dasharray: none;
    stroke-width: 2;
  }
  .cut {
    stroke-width: 1.25;
  }
  .cut.open {
    fill: none;
  }
  .cut.dashed {
    fill-opacity: 0.25;
    stroke-dasharray: 3 2;
  }
  text {
    font-size: 0.9375rem;
    pointer-events: none;
    /* A line to a name farther out may pass behind one that is nearer. */
    paint-order: stroke;
    stroke: var(--color-ground);
    stroke-width: 4px;
  }
  text.score {
    fill: var(--color-ink);
    font-weight: 650;
    font-variant-numeric: tabular-nums;
  }
  text.me {
    fill: var(--color-mine);
  }
  text.partner {
    fill: var(--color-theirs);
  }
  .lead {
    stroke: var(--color-edge);
    stroke-width: 0.75;
  }
  .knot {
    fill: var(--color-ground);
    stroke: var(--color-ink);
    stroke-width: 2;
  }
  .hit {
    fill: transparent;
    cursor: pointer;
  }
  .mark {
    fill: var(--color-ink);
  }
  .said {
    min-height: 1.5rem;
    color: var(--color-quiet);
  }
</style>
