<!-- The starts of a drilled round, counted as they come: one wide key for what was kept, one for what was lost, each taken back beside it. -->
<script lang="ts">
  interface Counted {
    kept: number;
    lost: number;
  }
  let { starts = $bindable() }: { starts: Counted | null } = $props();

  const sides = [
    { of: 'kept', say: 'Kept' },
    { of: 'lost', say: 'Lost' },
  ] as const;
  const most = 1000;

  function count(of: keyof Counted, by: number) {
    const now = starts ?? { kept: 0, lost: 0 };
    const next = { ...now, [of]: Math.min(most, Math.max(0, now[of] + by)) };
    starts = next.kept + next.lost > 0 ? next : null;
  }
</script>

<div class="starts" role="group" aria-label="Starts">
  {#each sides as side (side.of)}
    {@const now = starts?.[side.of] ?? 0}
    <button class="key {side.of}" aria-label="{side.say}: {now}, one more" onclick={() => count(side.of, 1)}
      ><span>{side.say}</span> <strong>{now}</strong></button
    >
    <button
      class="less"
      aria-label="{side.say}: one less"
      disabled={now === 0}
      onclick={() => count(side.of, -1)}>−</button
    >
  {/each}
</div>

<style>
  .starts {
    display: grid;
    grid-template-columns: 1fr 44px 1fr 44px;
    gap: 0.5rem;
    max-width: 34rem;
    margin: 0.5rem 0 0.25rem;
  }
  .key,
  .less {
    min-height: 56px;
    background: var(--color-raised);
    border: 1px solid var(--color-grain);
    border-radius: 4px;
  }
  .key {
    display: flex;
    align-items: center;
    line-height: 1;
    justify-content: center;
    gap: 0.5rem;
    border-bottom-width: 4px;
  }
  .key strong {
    font-size: 1.375rem;
    font-variant-numeric: tabular-nums;
  }
  .kept {
    border-bottom-color: var(--color-mine);
  }
  .lost {
    border-bottom-color: var(--color-theirs);
  }
  .less:disabled {
    opacity: 0.5;
  }
</style>
