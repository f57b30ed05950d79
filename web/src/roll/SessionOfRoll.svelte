<!-- The day of a roll and what it was part of; the whole session moves with it, or the one roll alone. -->
<script lang="ts">
  import type { Schemas } from '../api/client';
  import { times } from '../base/words';
  import DayField from '../kit/DayField.svelte';
  import Toggle from '../kit/Toggle.svelte';
  import Terms from '../parts/Terms.svelte';

  let {
    date = $bindable(),
    kind = $bindable(),
    attire = $bindable(),
    alone = $bindable(),
    rolls,
  }: {
    date: string;
    kind: Schemas['SessionKind'] | '';
    attire: Schemas['Attire'] | '';
    /** Only this roll goes elsewhere. */
    alone: boolean;
    /** How many rolls the session has. */
    rolls: number;
  } = $props();
</script>

<DayField label="Day" value={date} onchange={(next) => (date = next)} />
<Terms label="Session" of="sessionKinds" none="not said" bind:value={kind} />
<Terms label="Gi or no-gi" of="attires" none="not said" bind:value={attire} />
{#if rolls > 1}
  <div class="col-span-full">
    <Toggle
      label="Day, session and attire for this roll alone, not for all {times(rolls, 'roll')} of it"
      checked={alone}
      onchange={(next) => (alone = next)}
    />
  </div>
{/if}
