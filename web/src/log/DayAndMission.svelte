<!-- How one came to the mat that day, and what one set out to do: carried over from roll to roll, ticked for each. -->
<script lang="ts">
  import { api, got } from '../api/client';
  import Tags from '../kit/Tags.svelte';
  import Terms from '../parts/Terms.svelte';
  import type { Draft } from './draft';

  let { draft = $bindable(), several }: { draft: Draft; several: boolean } = $props();

  const day = $derived(
    [draft.energy, draft.sore.length > 0 && `sore: ${draft.sore.join(', ')}`].filter(Boolean).join(', '),
  );

  // The focus on Today is what most rolls set out to do.
  let focus = $state<string | null>(null);

  function open(event: Event) {
    if (!(event.currentTarget as HTMLDetailsElement).open || focus) return;
    got(api.GET('/api/today')).then(
      (today) => (focus = today.focus?.say ?? null),
      () => {},
    );
  }
</script>

<details ontoggle={open}>
  <summary
    ><span>Day and mission</span>
    <span class="quiet"
      >{[day, draft.mission.text.trim()].filter(Boolean).join(' · ') ||
        'How rested, what is sore, what you set out to do'}</span
    ></summary
  >
  <div class="parts">
    <label class="field"><span>Started at</span><input type="time" bind:value={draft.time} /></label>
    <Terms label="How rested" of="energies" none="not said" bind:value={draft.energy} />
    <Terms label="Meant" of="intents" none="not said" bind:value={draft.intent} />
    <div class="sore">
      <Tags
        label="Sore"
        value={draft.sore}
        placeholder="left knee"
        onchange={(sore) => (draft.sore = sore)}
      />
    </div>
    <label class="field wide"
      ><span>Mission</span>
      <input
        bind:value={draft.mission.text}
        autocomplete="off"
        maxlength="200"
        placeholder="Keep the knee shield when they stand"
      /></label
    >
    {#if focus && draft.mission.text.trim() === ''}
      <button class="may wide" type="button" onclick={() => (draft.mission.text = focus ?? '')}
        >Set out to: {focus}</button
      >
    {/if}
    <fieldset class="wide">
      <legend>Up to three checks; tick what you kept{several ? ' on each roll once it is saved' : ''}</legend>
      {#each draft.mission.checks as check, i (i)}
        <div class="check">
          <input
            type="checkbox"
            bind:checked={check.done}
            disabled={several || check.text.trim() === ''}
            aria-label="Kept check {i + 1}"
          />
          <label class="field"
            ><span class="sr-only">Check {i + 1}</span><input
              bind:value={check.text}
              autocomplete="off"
              maxlength="200"
              placeholder={['Both hands gripping before I sit', 'Elbow inside the knee', 'Breathe'][i]}
            /></label
          >
          {#if check.text.trim() !== '' && !several}
            <input
              class="count"
              type="number"
              min="0"
              max="99"
              bind:value={check.met}
              aria-label="Check {i + 1}: times met"
            />
            <span class="quiet">of</span>
            <input
              class="count"
              type="number"
              min="0"
              max="99"
              bind:value={check.of}
              aria-label="Check {i + 1}: tries"
            />
          {/if}
        </div>
      {/each}
    </fieldset>
  </div>
</details>

<style>
  summary {
    gap: 0.75rem;
    min-width: 0;
  }
  summary span:first-child {
    font-weight: 600;
    white-space: nowrap;
    text-decoration: underline;
    text-underline-offset: 3px;
  }
  summary span:last-child {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .parts {
    display: grid;
    grid-template-columns: 8rem 8rem 9rem 1fr;
    gap: 0.625rem;
    margin: 0.5rem 0 1rem;
  }
  .wide {
    grid-column: 1 / -1;
  }
  legend {
    font-size: 0.9375rem;
    color: var(--color-quiet);
    margin-bottom: 0.25rem;
  }
  .check {
    display: flex;
    align-items: center;
    gap: 0.625rem;
    margin-bottom: 0.375rem;
  }
  .check .field {
    flex: 1;
  }
  .check .count {
    width: 3.5rem;
    min-height: 44px;
    padding-inline: 0.375rem;
  }
  .check input[type='checkbox'] {
    width: 1.5rem;
    height: 1.5rem;
    flex: none;
    accent-color: var(--color-ink);
  }
  .check .field {
    flex: 1;
  }
  button.wide {
    justify-content: start;
    text-align: left;
  }
  @media (max-width: 700px) {
    .parts {
      grid-template-columns: 1fr 1fr;
    }
    .sore {
      grid-column: 1 / -1;
    }
  }
  @media (min-width: 900px) {
    fieldset {
      display: grid;
      grid-template-columns: repeat(3, 1fr);
      gap: 0 1rem;
    }
    legend {
      grid-column: 1 / -1;
    }
  }
</style>
