<!-- Puts one notch right: every field of it that a tired person may want to change. -->
<script lang="ts">
  import { type Schemas } from '../api/client';
  import { needVocabulary, vocabulary } from './vocabulary.svelte';

  interface Props {
    notch: Schemas['NotchDocument'];
    /** The words of the telling it was read from. */
    words?: string;
    onsave: (notch: Schemas['NotchDocument']) => void;
    onremove: () => void;
    onclose: () => void;
  }

  let { notch, words, onsave, onremove, onclose }: Props = $props();

  needVocabulary();
  // svelte-ignore state_referenced_locally
  let edited = $state({ ...notch, causes: notch.causes ?? [] });
  let ownCause = $state('');
  // svelte-ignore state_referenced_locally
  let advice = $state((notch.advice ?? []).map((a) => ({ text: a.text ?? '', from: a.from ?? '' })));
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
    const own = ownCause.trim();
    const causes = own ? [...edited.causes, own] : edited.causes;
    const told = advice
      .filter((a) => a.text.trim())
      .map((a) => ({ text: a.text, from: a.from || undefined }));
    onsave({
      ...clean,
      causes: causes.length ? causes : undefined,
      advice: told.length ? told : undefined,
      unsure: edited.unsure || undefined,
      inferred: undefined,
    } as Schemas['NotchDocument']);
  }
</script>

<dialog bind:this={dialog} {onclose} aria-labelledby="notch-title" class="plank">
  <form onsubmit={save}>
    <h2 id="notch-title">Put this notch right</h2>
    {#if words}<p class="quiet">Read from “{words}”.</p>{/if}
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
      <label class="field">
        <span>At, minutes and seconds</span>
        <input bind:value={edited.at} pattern="\d+:[0-5]\d" placeholder="2:05" autocomplete="off" />
      </label>
      <label class="field">
        <span>Or time left</span>
        <input bind:value={edited.remaining} pattern="\d+:[0-5]\d" placeholder="0:30" autocomplete="off" />
      </label>
      <details class="wide" open={edited.causes.length > 0 || advice.length > 0}>
        <summary>Why, and what was advised</summary>
        <fieldset>
          <legend>Why it happened</legend>
          {#each [...new Set([...vocabulary.causes, ...edited.causes])] as cause (cause)}
            <label class="cause"
              ><input type="checkbox" value={cause} bind:group={edited.causes} />{cause}</label
            >
          {/each}
          <label class="field own"
            ><span class="sr-only">Another cause</span><input
              bind:value={ownCause}
              maxlength="120"
              placeholder="another cause"
            /></label
          >
        </fieldset>
        {#each [...advice.keys(), advice.length] as i (i)}
          <div class="advice">
            <label class="field"
              ><span>{i === 0 ? 'Advice' : 'More advice'}</span><input
                value={advice[i]?.text ?? ''}
                oninput={(e) => (advice[i] = { from: advice[i]?.from ?? '', text: e.currentTarget.value })}
                maxlength="500"
                placeholder="frame before turning"
              /></label
            >
            <label class="field"
              ><span>Who said it</span><input
                value={advice[i]?.from ?? ''}
                oninput={(e) => (advice[i] = { text: advice[i]?.text ?? '', from: e.currentTarget.value })}
                maxlength="120"
                placeholder="coach"
              /></label
            >
          </div>
        {/each}
      </details>
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
  summary {
    text-decoration: underline;
  }
  legend {
    font-size: 0.9375rem;
    color: var(--quiet);
  }
  fieldset {
    display: flex;
    flex-wrap: wrap;
    gap: 0 0.375rem;
  }
  .cause {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
    padding: 0 0.625rem;
    border-bottom: 2px solid var(--grain);
    cursor: pointer;
  }
  .cause:has(:checked) {
    background: var(--wood);
    border-bottom-color: var(--ink);
    font-weight: 650;
  }
  .cause:focus-within {
    outline: 2px solid var(--ink);
  }
  .cause input {
    appearance: none;
  }
  .own {
    width: 10rem;
  }
  .advice {
    display: grid;
    grid-template-columns: 1fr 9rem;
    gap: 0.625rem;
    margin-top: 0.5rem;
  }
  .caution {
    margin-bottom: 1rem;
    color: var(--quiet);
  }
  .out {
    margin-left: auto;
    color: var(--danger);
  }
</style>
