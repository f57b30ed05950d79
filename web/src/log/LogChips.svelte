<!-- One row of chips: the session, carried over from roll to roll, and the roll with the last used preset. -->
<script lang="ts">
  import type { Schemas } from '../api/client';
  import { day, plain, today } from '../base/words';
  import Combo from '../kit/Combo.svelte';
  import DayField from '../kit/DayField.svelte';
  import Terms from '../parts/Terms.svelte';
  import { partnerChoices } from '../parts/trade.svelte';
  import type { Draft } from './draft';

  let {
    draft = $bindable(),
    partners,
    ready,
    faults,
    onnewpartner,
    onnamed,
  }: {
    draft: Draft;
    partners: Schemas['PartnerView'][];
    /** The partners are known. */
    ready: boolean;
    faults: Record<string, string[]>;
    onnewpartner: () => void;
    /** A name was written that none of the partners has. */
    onnamed: (name: string) => void;
  } = $props();

  // On a phone the row folds into one line: it is set once and the thumb needs the room.
  const wide = window.matchMedia('(min-width: 701px)').matches;
  const someoneNew = '+';
  const who = $derived(partners.find((p) => p.partner.id === draft.partner)?.partner.name ?? 'someone');
  const choices = $derived([...partnerChoices(partners, true), { value: someoneNew, label: 'new partner…' }]);

  function choose(partner: string) {
    if (partner === someoneNew) onnewpartner();
    else draft.partner = partner;
  }
</script>

<details open={wide || !!faults['session.date']}>
  <summary
    >{day(draft.date)} · {plain(draft.sessionKind)}, {plain(draft.attire)} · with {who} · {draft.kind}, {draft.intensity},
    {draft.minutes ?? '?'} min</summary
  >
  <div class="chips" role="group" aria-label="The session">
    <div class="day">
      <DayField
        label="Day"
        value={draft.date}
        invalid={!!faults['session.date']}
        onchange={(day) => Object.assign(draft, { date: day, asOf: today() })}
      />
    </div>
    <Terms label="Session" of="sessionKinds" bind:value={draft.sessionKind} />
    <Terms label="Attire" of="attires" bind:value={draft.attire} />
    <div class="partner">
      <Combo
        label="Partner"
        value={draft.partner}
        {choices}
        none="someone"
        {ready}
        onchoose={choose}
        onnew={onnamed}
      />
    </div>
    <Terms label="Kind" of="rollKinds" bind:value={draft.kind} />
    <Terms label="How hard" of="intensities" bind:value={draft.intensity} />
    <label class="field"
      ><span>Minutes</span><input
        type="number"
        min="0"
        max="180"
        step="0.5"
        bind:value={draft.minutes}
      /></label
    >
  </div>
</details>

<style>
  summary {
    font-weight: 600;
  }
  summary::before {
    content: '';
    width: 0.5rem;
    height: 0.5rem;
    margin-right: 0.625rem;
    border: solid var(--color-ink);
    border-width: 0 2px 2px 0;
    transform: rotate(-45deg);
  }
  details[open] summary::before {
    transform: rotate(45deg);
  }
  @media (min-width: 701px) {
    summary {
      display: none;
    }
  }
  .chips {
    display: grid;
    grid-template-columns: 1.2fr 1.1fr 0.8fr 1.7fr 1fr 0.9fr 0.8fr;
    gap: 0.625rem;
    margin: 0.875rem 0;
  }
  @media (max-width: 700px) {
    .chips {
      grid-template-columns: 1fr 1fr 1fr;
    }
    .partner,
    .day {
      grid-column: span 2;
    }
  }
</style>
