<!-- The map of places: knots in bands from "they finish" at the bottom to "I finish" at the top, flows as grain lines between them. -->
<script lang="ts">
  import { scaleLinear, scaleSqrt } from 'd3-scale';
  import { linkVertical } from 'd3-shape';
  import type { Schemas } from '../api/client';

  interface Props {
    knots: Schemas['Knot'][];
    flows: Schemas['Flow'][];
    chosen: string | null;
    onchoose: (knot: string) => void;
  }
  let { knots, flows, chosen, onchoose }: Props = $props();

  const height = 560;
  // Thinner lines are drawn only for the place that is chosen; the list beside has them all.
  const thin = 0.03;
  const edge = 24;
  let width = $state(0);

  const y = scaleLinear()
    .domain([-4, 4])
    .range([height - edge, edge]);
  const thick = $derived(
    scaleSqrt()
      .domain([0, Math.max(0.1, ...flows.map((f) => f.perRoll))])
      .range([0, 12]),
  );
  const size = $derived(
    scaleSqrt()
      .domain([0, Math.max(0.1, ...knots.map((k) => k.visitsPerRoll))])
      .range([5, 16]),
  );

  // In each band the most visited stands in the middle, the others to its sides in turn.
  const spots: Record<string, { x: number; y: number }> = $derived(
    Object.fromEntries(
      knots.map((knot) => {
        const here = knots.filter((k) => k.band === knot.band);
        const slot = width / Math.max(1, here.length);
        const rank = here.indexOf(knot);
        const side = rank % 2 === 0 ? rank / 2 : -(rank + 1) / 2;
        const middle = here.length % 2 === 0 ? width / 2 + slot / 2 : width / 2;
        const shift = (knot.band % 2 === 0 ? 1 : -1) * side * slot;
        const x = here.length % 2 === 0 && knot.band % 2 !== 0 ? middle - slot + shift : middle + shift;
        return [knot.id, { x, y: y(knot.band) + (rank % 2 === 0 ? 0 : 14) }];
      }),
    ),
  );

  const curve = linkVertical<unknown, { x: number; y: number }>()
    .x((p) => p.x)
    .y((p) => p.y);
  // Places of one band are joined by an arc, or the line would run through those between.
  const arc = (a: { x: number; y: number }, b: { x: number; y: number }) =>
    `M${a.x} ${a.y}Q${(a.x + b.x) / 2} ${Math.min(a.y, b.y) - Math.abs(a.x - b.x) / 6} ${b.x} ${b.y}`;
  const lines = $derived(
    flows.flatMap((flow) => {
      const [source, target] = [spots[flow.from], spots[flow.to]];
      const drawn = flow.perRoll >= thin || flow.from === chosen || flow.to === chosen;
      if (!source || !target || !drawn) return [];
      const level = Math.abs(source.y - target.y) < 20;
      return [{ flow, path: level ? arc(source, target) : (curve({ source, target }) ?? '') }];
    }),
  );
  const touches = (flow: Schemas['Flow']) => chosen === null || flow.from === chosen || flow.to === chosen;
</script>

<div bind:clientWidth={width}>
  <svg {width} {height} aria-hidden="true">
    {#each [-4, -3, -2, -1, 0, 1, 2, 3, 4] as band (band)}
      <line class="band" x1="0" x2={width} y1={y(band)} y2={y(band)} />
    {/each}
    {#each lines as { flow, path } (`${flow.from} ${flow.to} ${flow.by}`)}
      <path
        class={flow.by}
        class:faint={!touches(flow)}
        d={path}
        stroke-width={Math.max(0.75, thick(flow.perRoll))}
      />
    {/each}
    {#each knots as knot (knot.id)}
      {@const spot = spots[knot.id]}
      {#if spot}
        <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
        <g class:chosen={knot.id === chosen} onclick={() => onchoose(knot.id)}>
          <circle cx={spot.x} cy={spot.y} r="22" class="hit" />
          <ellipse
            cx={spot.x}
            cy={spot.y}
            rx={size(knot.visitsPerRoll) * 1.3}
            ry={size(knot.visitsPerRoll)}
          />
          <text x={spot.x} y={spot.y + size(knot.visitsPerRoll) + 15} text-anchor="middle">{knot.name}</text>
        </g>
      {/if}
    {/each}
  </svg>
</div>

<style>
  svg {
    display: block;
    overflow: visible;
  }
  .band {
    stroke: var(--color-grain);
  }
  path {
    fill: none;
    opacity: 0.5;
  }
  path.me {
    stroke: var(--color-mine);
  }
  path.partner {
    stroke: var(--color-theirs);
  }
  path.faint {
    opacity: 0.07;
  }
  g {
    cursor: pointer;
  }
  ellipse {
    fill: var(--color-wood);
    stroke: var(--color-ink);
    stroke-width: 1.5;
  }
  g.chosen ellipse {
    fill: var(--color-ink);
  }
  .hit {
    fill: transparent;
  }
  text {
    font-size: 0.875rem;
    fill: var(--color-ink);
    paint-order: stroke;
    stroke: var(--color-ground);
    stroke-width: 4px;
    pointer-events: none;
  }
</style>
