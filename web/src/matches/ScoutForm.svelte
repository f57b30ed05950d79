<!-- What is known of an opponent, and from whom: hearsay until it happened. -->
<script lang="ts">
  import type { Schemas } from '../api/client';
  import Modal from '../kit/Modal.svelte';
  import Terms from '../parts/Terms.svelte';

  let {
    scouting,
    past,
    failed,
    onsave,
    onremove,
    onclose,
  }: {
    scouting: Schemas['ScoutingDocument'];
    /** The day is over, so that what held can be said. */
    past: boolean;
    failed: string;
    onsave: (scouting: Schemas['ScoutingDocument']) => void;
    onremove?: () => void;
    onclose: () => void;
  } = $props();

  // svelte-ignore state_referenced_locally
  let edited = $state({
    ...scouting,
    opponent: scouting.opponent ?? '',
    known: [...(scouting.known ?? []), { text: '', from: '' }].map((k) => ({
      text: k.text ?? '',
      from: k.from ?? '',
    })),
  });

  function more() {
    if (edited.known.every((k) => k.text.trim())) edited.known.push({ text: '', from: '' });
  }

  function save(event: SubmitEvent) {
    event.preventDefault();
    const known = edited.known
      .filter((k) => k.text.trim())
      .map((k) => ({ text: k.text.trim(), from: k.from.trim() || undefined }));
    const said = (text: string | null | undefined) => text?.trim() || undefined;
    onsave({
      ...edited,
      belt: edited.belt || undefined,
      known,
      starts: said(edited.starts),
      planA: said(edited.planA),
      avoid: said(edited.avoid),
      lead: said(edited.lead),
      held: said(edited.held),
    });
  }
</script>

<Modal title={scouting.opponent ? `About ${scouting.opponent}` : 'An opponent'} {onclose}>
  <form onsubmit={save}>
    <div class="my-4 grid grid-cols-2 gap-3">
      <label class="field"
        ><span>What they are called</span><input
          bind:value={edited.opponent}
          required
          maxlength="120"
          placeholder="Grey shorts"
        /></label
      >
      <Terms label="Belt" of="belts" none="not said" bind:value={edited.belt} />
      <fieldset class="col-span-full grid gap-2">
        <legend>What is said of them, and by whom</legend>
        {#each edited.known as one, i (i)}
          <div class="known">
            <input
              class="input min-h-[44px]"
              aria-label="Said of them {i + 1}"
              bind:value={one.text}
              oninput={more}
              placeholder="stands up out of closed guard"
            />
            <input
              class="input min-h-[44px]"
              aria-label="By whom {i + 1}"
              bind:value={one.from}
              placeholder="coach"
            />
          </div>
        {/each}
      </fieldset>
      <label class="field col-span-full"
        ><span>What they start with</span><input
          bind:value={edited.starts}
          placeholder="pulls at once"
        /></label
      >
      <label class="field col-span-full"
        ><span>Plan A</span><textarea rows="2" bind:value={edited.planA}></textarea></label
      >
      <label class="field col-span-full"
        ><span>What not to do</span><textarea rows="2" bind:value={edited.avoid}></textarea></label
      >
      <label class="field col-span-full"
        ><span>How to protect a lead</span><textarea rows="2" bind:value={edited.lead}></textarea></label
      >
      {#if past}
        <label class="field col-span-full"
          ><span>What of it held</span><textarea rows="2" bind:value={edited.held}></textarea></label
        >
      {/if}
    </div>
    {#if failed}<p class="fault mb-4" role="alert">{failed}</p>{/if}
    <div class="closing">
      <button class="do" type="submit">Keep</button>
      <button class="may" type="button" onclick={onclose}>Leave as it was</button>
      {#if onremove}<button class="may ms-auto" type="button" onclick={onremove}>Take out</button>{/if}
    </div>
  </form>
</Modal>

<style>
  .known {
    display: grid;
    grid-template-columns: minmax(0, 2.2fr) minmax(0, 1fr);
    gap: 0.5rem;
  }
  legend {
    font-size: 0.9375rem;
    color: var(--color-quiet);
    margin-bottom: 0.25rem;
  }
</style>
