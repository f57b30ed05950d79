<!-- How often, as it is cut: mine from the upper edge of a short stick, theirs from the lower. -->
<script lang="ts">
  interface Props {
    mine: number;
    theirs: number;
    /** The most that one side has among the sticks this one stands with, so that their notches can be compared. */
    most: number;
  }
  let { mine, theirs, most }: Props = $props();

  let width = $state(0);
  const pitch = $derived(Math.min(14, (width - 8) / Math.max(1, most)));
  const wide = $derived(Math.min(5, pitch * 0.42));
  const at = (index: number) => 4 + pitch * (index + 0.5);
</script>

<div bind:clientWidth={width}>
  <svg {width} height="30" aria-hidden="true">
    <rect x="0.5" y="3.5" width={Math.max(0, width - 1)} height="23" rx="2" />
    {#each { length: mine }, index (index)}
      <path class="me" d="M{at(index) - wide} 3l{wide} 10l{wide} -10z" />
    {/each}
    {#each { length: theirs }, index (index)}
      <path class="partner" d="M{at(index) - wide} 27l{wide} -10l{wide} 10z" />
    {/each}
  </svg>
</div>

<style>
  svg {
    display: block;
  }
  rect {
    fill: var(--color-wood);
    stroke: var(--color-edge);
  }
  .me {
    fill: var(--color-mine);
  }
  .partner {
    fill: var(--color-theirs);
  }
</style>
