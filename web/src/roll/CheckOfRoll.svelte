<!-- A check of a kept roll's mission: kept or not, and at how many of how many tries. -->
<script lang="ts">
  import type { Schemas } from '../api/client';
  import Toggle from '../kit/Toggle.svelte';

  let {
    check,
    onchange,
  }: {
    check: Schemas['CheckDocument'];
    onchange: (change: Partial<Schemas['CheckDocument']>) => void;
  } = $props();

  const [met, of] = $derived([check.met ?? 0, check.of ?? 0]);
</script>

<div class="check">
  <Toggle label={check.text ?? ''} checked={check.done ?? false} onchange={(done) => onchange({ done })} />
  <span class="count">
    {#if of > 0}<span>met {met} of {of}</span>{/if}
    <button class="may" aria-label="Met: {check.text}" onclick={() => onchange({ met: met + 1, of: of + 1 })}
      >Met</button
    >
    <button class="may" aria-label="Not met: {check.text}" onclick={() => onchange({ met, of: of + 1 })}
      >Not met</button
    >
    {#if of > 0}
      <button
        class="may"
        aria-label="Not counted: {check.text}"
        onclick={() => onchange({ met: undefined, of: undefined })}>Clear</button
      >
    {/if}
  </span>
</div>

<style>
  .check {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 0 1rem;
    min-height: 44px;
  }
  .count {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem;
  }
</style>
