<!-- What stands around the notches of a roll, to be changed: with whom, how hard, the mission ticked, takeaways, notes. -->
<script lang="ts">
  import { api, got, type Schemas } from '../api/client';

  let {
    roll,
    onsave,
    onclose,
  }: {
    roll: Schemas['RollDocument'];
    onsave: (changed: Schemas['RollDocument']) => void;
    onclose: () => void;
  } = $props();

  // The open form writes a takeaway that is tied to no notch as plain text.
  type Takeaway = string | { text: string; exchange?: number; notch?: number };
  // svelte-ignore state_referenced_locally
  const before = (roll.takeaways ?? []) as Takeaway[];
  const textOf = (takeaway: Takeaway) => (typeof takeaway === 'string' ? takeaway : takeaway.text);

  let partners = $state<Schemas['PartnerView'][]>([]);
  // svelte-ignore state_referenced_locally
  let edited = $state({
    partner: roll.partner ?? '',
    kind: roll.kind ?? ('' as const),
    intensity: roll.intensity ?? ('' as const),
    partnerIntensity: roll.partnerIntensity ?? ('' as const),
    minutes: roll.minutes ?? null,
    partial: roll.partial ?? [],
    mission: roll.mission?.text ?? '',
    checks: [0, 1, 2].map((i) => ({
      text: roll.mission?.checks?.[i]?.text ?? '',
      done: roll.mission?.checks?.[i]?.done ?? false,
    })),
    takeaways: before.map(textOf).join('\n'),
    notes: roll.notes ?? '',
  });
  let dialog: HTMLDialogElement;

  $effect(() => {
    if (!dialog.open) dialog.showModal();
    got(api.GET('/api/partners')).then(
      (list) => (partners = list),
      () => {},
    );
  });

  function save(event: SubmitEvent) {
    event.preventDefault();
    const lines = edited.takeaways
      .split('\n')
      .map((t) => t.trim())
      .filter(Boolean);
    onsave({
      ...roll,
      partner: edited.partner || undefined,
      // Another partner has another belt and weight.
      ...(edited.partner === (roll.partner ?? '')
        ? {}
        : {
            partnerBelt: undefined,
            partnerStripes: undefined,
            partnerWeightKg: undefined,
            partnerSize: undefined,
          }),
      kind: edited.kind || undefined,
      intensity: edited.intensity || undefined,
      partnerIntensity: edited.partnerIntensity || undefined,
      minutes: edited.minutes ?? undefined,
      partial: edited.partial,
      mission: edited.mission.trim()
        ? { text: edited.mission.trim(), checks: edited.checks.filter((c) => c.text.trim()) }
        : undefined,
      // A takeaway that stays as it was keeps its notch.
      takeaways: lines.map((text) => before.find((t) => textOf(t) === text) ?? text),
      notes: edited.notes || undefined,
    });
  }
</script>

<dialog bind:this={dialog} {onclose} aria-labelledby="head-title" class="plank">
  <form onsubmit={save}>
    <h2 id="head-title">About this roll</h2>
    <div class="grid">
      <label class="field wide"
        ><span>Partner</span>
        <select bind:value={edited.partner}>
          <option value="">someone</option>
          {#each partners as { partner } (partner.id)}<option value={partner.id}>{partner.name}</option
            >{/each}
        </select></label
      >
      <label class="field"
        ><span>Minutes</span><input
          type="number"
          min="0"
          max="180"
          step="0.5"
          bind:value={edited.minutes}
        /></label
      >
      {@render choice('Kind', 'kind', ['free', 'positional', 'match'])}
      {@render choice('I went', 'intensity', ['light', 'steady', 'hard'])}
      {@render choice('They went', 'partnerIntensity', ['light', 'steady', 'hard'])}
      <label class="field all"
        ><span>Mission</span><input bind:value={edited.mission} maxlength="200" /></label
      >
      {#each edited.checks as check, i (i)}
        <div class="check all">
          <input
            type="checkbox"
            bind:checked={check.done}
            disabled={!check.text.trim()}
            aria-label="Kept check {i + 1}"
          />
          <label class="field"
            ><span class="sr-only">Check {i + 1}</span><input
              bind:value={check.text}
              maxlength="200"
              placeholder="Check {i + 1}"
            /></label
          >
        </div>
      {/each}
      <label class="field all"
        ><span>Takeaways, one a line</span><textarea rows="2" bind:value={edited.takeaways}></textarea></label
      >
      <label class="field all"
        ><span>Notes</span><textarea rows="2" bind:value={edited.notes}></textarea></label
      >
      <label class="tick all"
        ><input type="checkbox" value="starts-late" bind:group={edited.partial} /> The beginning is missing</label
      >
      <label class="tick all"
        ><input type="checkbox" value="cut-short" bind:group={edited.partial} /> The end is missing</label
      >
    </div>
    <div class="row">
      <button class="do" type="submit">Keep</button>
      <button class="may" type="button" onclick={onclose}>Leave as it was</button>
    </div>
  </form>
</dialog>

{#snippet choice(label: string, field: 'kind' | 'intensity' | 'partnerIntensity', words: string[])}
  <label class="field"
    ><span>{label}</span>
    <select bind:value={edited[field]}>
      <option value="">not said</option>
      {#each words as word (word)}<option>{word}</option>{/each}
    </select></label
  >
{/snippet}

<style>
  .grid {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 0.75rem;
    margin: 1rem 0;
  }
  .wide {
    grid-column: span 2;
  }
  .all {
    grid-column: 1 / -1;
  }
  .check,
  .tick {
    display: flex;
    align-items: center;
    gap: 0.625rem;
    min-height: 44px;
  }
  .check .field {
    flex: 1;
  }
  input[type='checkbox'] {
    width: 1.5rem;
    height: 1.5rem;
    min-height: 0;
    flex: none;
    accent-color: var(--ink);
  }
  @media (max-width: 700px) {
    .grid {
      grid-template-columns: 1fr 1fr;
    }
    .wide {
      grid-column: 1 / -1;
    }
  }
</style>
