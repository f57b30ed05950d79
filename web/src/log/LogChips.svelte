<!-- One row of chips: the session, carried over from roll to roll, and the roll with the last used preset. -->
<script lang="ts">
  import type { Schemas } from '../api/client';
  import { plain } from '../words';
  import type { Draft } from './draft.svelte';

  let {
    draft = $bindable(),
    partners,
    faults,
    onnewpartner,
  }: {
    draft: Draft;
    partners: Schemas['PartnerView'][];
    faults: Record<string, string[]>;
    onnewpartner: () => void;
  } = $props();

  // On a phone the row folds into one line: it is set once and the thumb needs the room.
  const wide = window.matchMedia('(min-width: 701px)').matches;
  const who = $derived(partners.find((p) => p.partner.id === draft.partner)?.partner.name ?? 'someone');

  const sessions = ['class', 'open-mat', 'competition', 'private', 'drilling', 'seminar', 'other'];
</script>

<details open={wide}>
  <summary
    >{plain(draft.sessionKind)}, {plain(draft.attire)} · with {who} · {draft.kind}, {draft.intensity}, {draft.minutes ??
      '?'} min</summary
  >
  <div class="chips" role="group" aria-label="The session">
    <label class="field day"
      ><span>Day</span><input
        type="date"
        bind:value={draft.date}
        aria-invalid={!!faults['session.date']}
      /></label
    >
    <label class="field">
      <span>Session</span>
      <select bind:value={draft.sessionKind}>
        {#each sessions as kind (kind)}<option value={kind}>{plain(kind)}</option>{/each}
      </select>
    </label>
    <label class="field">
      <span>Attire</span>
      <select bind:value={draft.attire}
        ><option value="gi">gi</option><option value="no-gi">no-gi</option></select
      >
    </label>
    <label class="field partner">
      <span>Partner</span>
      <select
        bind:value={draft.partner}
        onchange={() => {
          if (draft.partner !== '+') return;
          draft.partner = '';
          onnewpartner();
        }}
      >
        <option value="">someone</option>
        {#each partners as { partner } (partner.id)}
          <option value={partner.id}>{partner.name}{partner.belt ? `, ${partner.belt}` : ''}</option>
        {/each}
        <option value="+">new partner…</option>
      </select>
    </label>
    <label class="field">
      <span>Kind</span>
      <select bind:value={draft.kind}
        ><option value="free">free</option><option value="positional">positional</option><option value="match"
          >match</option
        ></select
      >
    </label>
    <label class="field">
      <span>How hard</span>
      <select bind:value={draft.intensity}
        ><option value="light">light</option><option value="steady">steady</option><option value="hard"
          >hard</option
        ></select
      >
    </label>
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
    border: solid var(--ink);
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
    grid-template-columns: 1.2fr 1fr 0.8fr 1.6fr 1fr 0.9fr 0.8fr;
    gap: 0.625rem;
    margin: 0.875rem 0;
  }
  @media (max-width: 700px) {
    .chips {
      grid-template-columns: 1fr 1fr 1fr;
    }
    .chips .partner,
    .chips .day {
      grid-column: span 2;
    }
  }
</style>
