<!-- Puts one notch right: every field of it that a tired person may want to change. -->
<script lang="ts">
  import { type Schemas } from '../api/client';
  import { needVocabulary, vocabulary } from './vocabulary.svelte';

  interface Props {
    notch: Schemas['NotchDocument'];
    onsave: (notch: Schemas['NotchDocument']) => void;
    onremove: () => void;
    onclose: () => void;
  }

  let { notch, onsave, onremove, onclose }: Props = $props();

  needVocabulary();
  // svelte-ignore state_referenced_locally
  let edited = $state({ ...notch });
  let dialog: HTMLDialogElement;
  const move = $derived(vocabulary.moves.find((m) => m.id === edited.move));
  const kinds = $derived([...new Set(vocabulary.moves.map((m) => m.kind))]);
  const outcomes = [
    ['landed', 'landed'],
    ['tap', 'tap'],
    ['near', 'near: almost, or escaped'],
    ['stopped', 'stopped'],
    ['abandoned', 'given up by who tried'],
    ['threatened', 'threatened only'],
  ] as const;

  $effect(() => {
    if (!dialog.open) dialog.showModal();
  });

  function save(event: SubmitEvent) {
    event.preventDefault();
    const clean = Object.fromEntries(
      Object.entries(edited).filter(([, value]) => value !== '' && value != null),
    );
    onsave({ ...clean, unsure: edited.unsure || undefined, inferred: undefined } as Schemas['NotchDocument']);
  }
</script>

<dialog bind:this={dialog} {onclose} aria-labelledby="notch-title" class="plank">
  <form onsubmit={save}>
    <h2 id="notch-title">Put this notch right</h2>
    <div class="grid">
      <label class="field">
        <span>Whose</span>
        <select bind:value={edited.by}>
          <option value="me">mine</option>
          <option value="partner">theirs</option>
        </select>
      </label>
      <label class="field">
        <span>How it came out</span>
        <select bind:value={edited.outcome}>
          {#each outcomes as [id, words] (id)}<option value={id}>{words}</option>{/each}
        </select>
      </label>
      <label class="field wide">
        <span>Move</span>
        <select bind:value={edited.move}>
          <option value={undefined}>not named</option>
          {#if edited.move && !move}<option value={edited.move}>{edited.move}</option>{/if}
          {#each kinds as kind (kind)}
            <optgroup label={kind.replace('-', ' ')}>
              {#each vocabulary.moves.filter((m) => m.kind === kind) as m (m.id)}<option value={m.id}
                  >{m.name}</option
                >{/each}
            </optgroup>
          {/each}
        </select>
      </label>
      {@render place('From', 'from')}
      {@render place('To', 'to')}
      <label class="field">
        <span>Side</span>
        <select bind:value={edited.side}>
          <option value={undefined}>not said</option>
          <option value="left">left</option>
          <option value="right">right</option>
          <option value="near">near</option>
          <option value="far">far</option>
        </select>
      </label>
      <label class="field">
        <span>Let happen</span>
        <select bind:value={edited.given}>
          <option value={undefined}>no, earned</option>
          <option value="me">I let it happen</option>
          <option value="partner">they let it happen</option>
        </select>
      </label>
      <label class="field wide">
        <span>Note</span>
        <input bind:value={edited.note} maxlength="500" />
      </label>
      <label class="check wide"
        ><input type="checkbox" bind:checked={edited.unsure} /> I am not sure of this one</label
      >
    </div>
    {#if move?.caution}<p class="caution">{move.caution}</p>{/if}
    <div class="row">
      <button class="do" type="submit">Keep</button>
      <button class="may" type="button" onclick={onclose}>Leave as it was</button>
      <button class="may out" type="button" onclick={onremove}>Take it out</button>
    </div>
  </form>
</dialog>

{#snippet place(label: string, field: 'from' | 'to')}
  <label class="field">
    <span>{label}</span>
    <select bind:value={edited[field]}>
      <option value={undefined}>not told</option>
      {#if edited[field] && !vocabulary.places.some((p) => p.id === edited[field])}<option
          value={edited[field]}>{edited[field]}</option
        >{/if}
      {#each vocabulary.places as p (p.id)}<option value={p.id}>{p.say}</option>{/each}
    </select>
  </label>
{/snippet}

<style>
  dialog {
    margin: auto;
    padding: 1.5rem;
    width: min(36rem, calc(100vw - 1.5rem));
    max-height: calc(100vh - 1.5rem);
    color: var(--ink);
  }
  .grid {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.875rem;
    margin: 1rem 0;
  }
  .wide {
    grid-column: 1 / -1;
  }
  .check {
    display: flex;
    align-items: center;
    gap: 0.5rem;
    min-height: 44px;
  }
  .check input {
    width: 1.25rem;
    height: 1.25rem;
    accent-color: var(--ink);
  }
  .caution {
    margin-bottom: 1rem;
    color: var(--quiet);
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
  }
  .out {
    margin-left: auto;
    color: var(--danger);
  }
</style>
