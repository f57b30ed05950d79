<!-- Two rolls that were kept as one: where the second begins, and with whom it was. -->
<script lang="ts">
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import Combo from '../kit/Combo.svelte';
  import Modal from '../kit/Modal.svelte';
  import { partnerChoices } from '../parts/trade.svelte';
  import type { NotchAt, OpenRoll } from './open-roll.svelte';

  let { open, view, onclose }: { open: OpenRoll; view: Schemas['RollView']; onclose: () => void } = $props();

  const partners = resource(() => got(api.GET('/api/partners')));
  let partner = $state('');
  let at = $state<NotchAt | null>(null);
  const cuts = $derived(
    view.row.stick.exchanges.flatMap((e, exchange) => e.cuts.map((cut, notch) => ({ exchange, notch, cut }))),
  );
  const index = $derived(cuts.findIndex((c) => c.exchange === at?.exchange && c.notch === at.notch));

  async function split() {
    if (at && (await open.split(at, partner))) onclose();
  }
</script>

<Modal title="Where does the second roll begin?" {onclose}>
  <p class="quiet mt-2">Press the first notch of the second roll. The words go with their notches.</p>
  <ol class="my-3" aria-label="Notches">
    {#each cuts as one, i (i)}
      <li class:second={index > 0 && i >= index}>
        {#if i === 0}
          <span class="first">{one.cut.words}</span>
        {:else}
          <button
            aria-pressed={i === index}
            onclick={() => (at = { exchange: one.exchange, notch: one.notch })}>{one.cut.words}</button
          >
        {/if}
      </li>
    {/each}
  </ol>
  <Combo
    label="The second was with"
    value={partner}
    choices={partnerChoices(partners.value ?? [])}
    none="someone"
    onchoose={(next) => (partner = next)}
  />
  {#if open.failed}<p class="fault mt-3" role="alert">{open.failed}</p>{/if}
  <div class="closing mt-3">
    <button class="do" disabled={index < 1} onclick={split}>Make it two rolls</button>
    <button class="may" onclick={onclose}>Leave it one</button>
  </div>
</Modal>

<style>
  li {
    border-bottom: 1px solid var(--color-grain);
  }
  .first,
  button:not(.do, .may) {
    display: block;
    width: 100%;
    min-height: 44px;
    padding: 0.5rem;
    text-align: left;
  }
  button:not(.do, .may) {
    cursor: pointer;
  }
  button[aria-pressed='true'] {
    border-top: 3px double var(--color-ink);
    font-weight: 650;
  }
  .second {
    background: var(--color-wood);
  }
</style>
