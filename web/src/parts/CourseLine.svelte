<!-- One thing over the weeks: observed against expected, each fortnight with its likely range, all in one scale. -->
<script lang="ts">
  import { scaleLog, scalePoint } from 'd3-scale';
  import { line } from 'd3-shape';
  import type { Schemas } from '../api/client';

  let { course, height = 84 }: { course: Schemas['CourseView']; height?: number } = $props();

  const pad = 10;
  let width = $state(0);
  const x = $derived(
    scalePoint<number>()
      .domain(course.fortnights.map((_, i) => i))
      .range([pad, Math.max(pad + 1, width - pad)])
      .align(0.5),
  );
  const y = $derived(
    scaleLog()
      .base(2)
      .domain([1 / 4, 4])
      .range([height - pad, pad])
      .clamp(true),
  );
  const path = $derived(
    line<Schemas['FortnightView']>(
      (_, i) => x(i) ?? 0,
      (f) => y(f.count.mean),
    )(course.fortnights) ?? '',
  );
</script>

<div bind:clientWidth={width}>
  <svg {width} {height} aria-hidden="true" class={course.by}>
    <line class="level" x1="0" x2={width} y1={y(1)} y2={y(1)} />
    {#each course.fortnights as fortnight, i (fortnight.first)}
      <line class="range" x1={x(i)} x2={x(i)} y1={y(fortnight.count.low)} y2={y(fortnight.count.high)} />
    {/each}
    <path d={path} />
    {#each course.fortnights as fortnight, i (fortnight.first)}
      <circle cx={x(i)} cy={y(fortnight.count.mean)} r="3.5" />
    {/each}
  </svg>
</div>

<style>
  svg {
    display: block;
  }
  .level {
    stroke: var(--color-edge);
    stroke-dasharray: 4 3;
  }
  .range {
    stroke: var(--color-edge);
    stroke-width: 2;
  }
  path {
    fill: none;
    stroke-width: 2;
  }
  .me path {
    stroke: var(--color-mine);
  }
  .me circle {
    fill: var(--color-mine);
  }
  .partner path {
    stroke: var(--color-theirs);
  }
  .partner circle {
    fill: var(--color-theirs);
  }
</style>
