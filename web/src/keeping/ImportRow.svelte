<!-- One thing that the file and the log say differently: both beside each other, and which of them stands. -->
<script lang="ts">
  import type { Schemas } from '../api/client';
  import { day, plain } from '../base/words';
  import Toggle from '../kit/Toggle.svelte';
  import Stick from '../stick/Stick.svelte';

  let {
    item,
    takes,
    onchange,
  }: { item: Schemas['ImportItem']; takes: boolean; onchange: (takes: boolean) => void } = $props();

  const kind = $derived(item.key.slice(0, item.key.indexOf(':')));
  const title = $derived(
    kind === 'roll'
      ? `${day(item.day)}, with ${item.name}`
      : kind === 'session'
        ? `${day(item.day)}, the ${plain(item.name)} itself`
        : item.name,
  );
</script>

<div class="row">
  <div class="min-w-0">
    <p class="font-semibold">{title}</p>
    <p class="quiet">{item.say}</p>
  </div>
  <Toggle
    label={item.standing === 'deleted' ? 'Bring it back' : 'Take the file’s'}
    checked={takes}
    {onchange}
  />
  {#if item.here && item.there && item.standing !== 'deleted'}
    <div class="sticks">
      <span class="quiet">Yours</span>
      <Stick stick={item.here} size="thumb" label="{title}, as you have it" />
      <span class="quiet">The file’s</span>
      <Stick stick={item.there} size="thumb" label="{title}, as the file has it" />
    </div>
  {/if}
</div>

<style>
  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 0.25rem 1rem;
    padding: 0.625rem 0;
    border-bottom: 1px solid var(--color-grain);
  }
  .sticks {
    flex-basis: 100%;
    display: grid;
    grid-template-columns: 4.5rem minmax(0, 1fr);
    gap: 0.25rem 0.75rem;
    align-items: center;
  }
</style>
