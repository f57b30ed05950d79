<!-- Which part of the log to look at: attire, and how many weeks back. -->
<script lang="ts">
  import type { Schemas } from '../api/client';
  import { terms } from './trade.svelte';

  let {
    attire = $bindable(),
    weeks = $bindable(),
    onchange,
  }: { attire: Schemas['Attire'] | ''; weeks: number; onchange?: () => void } = $props();
</script>

<label class="field"
  ><span class="sr-only">Attire</span><select bind:value={attire} {onchange}>
    <option value="">gi and no-gi</option>
    {#each terms.value?.attires ?? [] as one (one.id)}<option value={one.id}>only {one.say}</option>{/each}
  </select></label
>
<label class="field"
  ><span class="sr-only">Weeks</span><select bind:value={weeks} {onchange}>
    <option value={0}>all weeks</option>
    {#each [4, 8, 16, 52] as one (one)}<option value={one}>the last {one} weeks</option>{/each}
  </select></label
>

<style>
  select {
    width: auto;
  }
</style>
