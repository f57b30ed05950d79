<!-- The grain: boards from "they finish" at the foot to "I finish" at the top, a place a knot in them, flows the strands that run between. -->
<script lang="ts">
  import { scaleLinear, scaleSqrt } from 'd3-scale';
  import type { Schemas } from '../api/client';
  import { eye, fibres, grow, strands, strandsOf } from './wood';

  interface Props {
    knots: Schemas['Knot'][];
    flows: Schemas['Flow'][];
    chosen: string | null;
    onchoose: (knot: string) => void;
    /** One strand stands for each time in so many rolls. */
    strand?: number;
  }
  let { knots, flows, chosen, onchoose, strand = $bindable() }: Props = $props();

  let width = $state(0);
  const narrow = $derived(width < 520);
  // The boards at the ends hold a word each.
  const end = 34;
  const board = $derived(narrow ? 96 : 66);
  const height = $derived(board * 7 + end * 2);
  // One strand for each time in so many rolls, as few as the thickest bundle allows.
  const inRolls = $derived(
    [10, 20, 50, 100].findLast((n) => flows.every((f) => f.perRoll * n < (narrow ? 12 : 18))) ?? 10,
  );
  const perStrand = $derived(1 / inRolls);
  $effect(() => {
    strand = inRolls;
  });

  const y = $derived(
    scaleLinear()
      .domain([-4, -3, 3, 4])
      .range([height - end / 2, height - end - board / 2, end + board / 2, end / 2]),
  );
  const seam = (band: number) => end + board * (3.5 - band);
  const breadth = $derived(
    scaleSqrt()
      .domain([0, Math.max(0.1, ...knots.map((k) => k.visitsPerRoll))])
      .range(narrow ? [6, 13] : [8, 18]),
  );
  const places = $derived(knots.filter((k) => Math.abs(k.band) < 4));
  const ends = $derived(knots.filter((k) => Math.abs(k.band) === 4));
  const grown = $derived(
    grow(places, width, y, (knot) => breadth(knot.visitsPerRoll), board * (narrow ? 0.2 : 0.12)),
  );
  const all = $derived([...grown.values()]);
  const wood = $derived(fibres(width, height, narrow ? 9 : 11, all));

  // Strands to a tap run out where their knot stands, into the board at the end.
  const endOf = (id: string, near: { x: number } | undefined) => {
    const tap = ends.find((k) => k.id === id);
    const edge = tap && (tap.band > 0 ? end - 6 : height - end + 6);
    return edge === undefined ? undefined : { x: near?.x ?? width / 2, y: edge, rx: 22, ry: 2 };
  };
  const bundles = $derived(
    width === 0
      ? []
      : [...flows].reverse().flatMap((flow) => {
          const from = grown.get(flow.from);
          const to = grown.get(flow.to) ?? endOf(flow.to, from);
          const touches = flow.from === chosen || flow.to === chosen;
          if (!from || !to || (flow.perRoll < perStrand / 2 && !touches)) return [];
          const count = strandsOf(flow, perStrand);
          return [
            {
              flow,
              paths: strands(
                count,
                from,
                to,
                all.filter((k) => k !== from && k !== to),
                narrow ? 2 : 2.4,
              ),
            },
          ];
        }),
  );
  const faint = (flow: Schemas['Flow']) => chosen !== null && flow.from !== chosen && flow.to !== chosen;

  // A name in two lines where one is too long for the board.
  const lines = (name: string) => {
    const words = name.split(' ');
    if (!narrow || name.length < 13 || words.length < 2) return [name];
    const half = Math.ceil(words.length / 2);
    return [words.slice(0, half).join(' '), words.slice(half).join(' ')];
  };
  const inBoard = (x: number, name: string) =>
    Math.max(name.length * 3.4, Math.min(width - name.length * 3.4, x));
</script>

<div bind:clientWidth={width}>
  <svg {width} {height} aria-hidden="true">
    {#each [4, 3, 2, 1, 0, -1, -2, -3, -4] as band (band)}
      <rect
        class="board"
        class:end={Math.abs(band) === 4}
        x={band % 2 === 0 ? 0 : 2}
        width={Math.max(0, width - 3)}
        y={(band === 4 ? 0 : seam(band + 0.5)) + 1}
        height={(Math.abs(band) === 4 ? end : board) - 2}
        rx="2"
      />
    {/each}
    {#each wood as d, i (i)}<path class="fibre" {d} />{/each}
    {#each bundles as { flow, paths } (`${flow.from} ${flow.to} ${flow.by}`)}
      <g class="bundle {flow.by}" class:faint={faint(flow)}>
        {#each paths as d, i (i)}<path {d} />{/each}
      </g>
    {/each}
    {#each [3.5, 2.5, 1.5, 0.5, -0.5, -1.5, -2.5, -3.5] as at (at)}
      <line class="seam" x1="0" x2={width} y1={seam(at)} y2={seam(at)} />
    {/each}
    {#each ends as one (one.id)}
      <text class="of-end" x={width / 2} y={y(one.band) + 5} text-anchor="middle">{one.name}</text>
    {/each}
    {#each places as knot (knot.id)}
      {@const one = grown.get(knot.id)}
      {#if one}
        {@const name = lines(knot.name)}
        <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
        <g class="knot" class:chosen={knot.id === chosen} onclick={() => onchoose(knot.id)}>
          <rect class="hit" x={one.x - 26} y={one.y - 22} width="52" height="60" />
          <path class="rind" d={eye(one)} />
          <path class="ring" d={eye(one, 0.66)} />
          <path class="ring" d={eye(one, 0.32)} />
          {#each name as part, i (i)}
            <text x={inBoard(one.x, part)} y={one.y + one.ry + 13 + i * 14} text-anchor="middle">{part}</text>
          {/each}
        </g>
      {/if}
    {/each}
  </svg>
</div>

<style>
  svg {
    display: block;
  }
  .board {
    fill: var(--color-wood);
  }
  .board.end {
    fill: var(--color-raised);
    stroke: var(--color-grain);
  }
  .fibre {
    fill: none;
    stroke: var(--color-grain);
    stroke-width: 0.75;
  }
  .seam {
    stroke: var(--color-ground);
    stroke-width: 2.5;
  }
  .bundle {
    fill: none;
    stroke-width: 1.15;
    opacity: 0.8;
  }
  .bundle.me {
    stroke: var(--color-mine);
  }
  .bundle.partner {
    stroke: var(--color-theirs);
  }
  .bundle.faint {
    opacity: 0.13;
  }
  .knot {
    cursor: pointer;
  }
  .rind {
    fill: var(--color-wood);
    stroke: var(--color-ink);
    stroke-width: 1.5;
  }
  .ring {
    fill: none;
    stroke: var(--color-edge);
  }
  .chosen .rind {
    fill: var(--color-ink);
  }
  .hit {
    fill: transparent;
  }
  text {
    font-size: 0.875rem;
    fill: var(--color-ink);
    paint-order: stroke;
    stroke: var(--color-wood);
    stroke-width: 4px;
    pointer-events: none;
  }
  .of-end {
    font-weight: 650;
    stroke: var(--color-raised);
  }
  .chosen text {
    font-weight: 650;
  }
</style>
