<!-- Puts one notch right: every field of it that a tired person may want to change. -->
<script lang="ts">
  import { link } from 'svelte-spa-router';
  import type { Schemas } from '../api/client';
  import { plain } from '../base/words';
  import Combo from '../kit/Combo.svelte';
  import Differs from '../kit/Differs.svelte';
  import Float from '../kit/Float.svelte';
  import Tags from '../kit/Tags.svelte';
  import Toggle from '../kit/Toggle.svelte';
  import AdviceFields from './AdviceFields.svelte';
  import Terms from './Terms.svelte';
  import { moveChoices, need, placeChoices, terms, vocabulary } from './trade.svelte';

  interface Props {
    notch: Schemas['NotchDocument'];
    /** The words of the telling it was read from. */
    words?: string;
    /** Why it was read so, in words. */
    why?: string[];
    /** What else it may have been, the likelier first. */
    others?: Schemas['AnswerView'][];
    /** What it stands beside. */
    beside?: Element | null;
    /** Why it could not be kept; what was changed stays here until it is. */
    failed?: string;
    /** The notch as it stands now, where somebody else changed it meanwhile. */
    theirs?: Schemas['NotchDocument'];
    onsave: (notch: Schemas['NotchDocument']) => void;
    onremove: () => void;
    onclose: () => void;
  }

  let {
    notch,
    words,
    why = [],
    others = [],
    beside,
    failed = '',
    theirs,
    onsave,
    onremove,
    onclose,
  }: Props = $props();

  need(vocabulary, terms);
  // svelte-ignore state_referenced_locally
  let edited = $state({ ...notch, causes: notch.causes ?? [], advice: notch.advice ?? [] });
  // svelte-ignore state_referenced_locally
  const base = $state.snapshot(notch) as Schemas['NotchDocument'];
  const labels = {
    by: 'Whose',
    outcome: 'How it came out',
    move: 'Move',
    from: 'From',
    to: 'To',
    side: 'Side',
    given: 'Let happen',
    held: 'Held three seconds',
    at: 'At',
    remaining: 'Time left',
    causes: 'Why it happened',
    note: 'Note',
    unsure: 'Not sure',
  } as const;
  const choices = { move: moveChoices, from: placeChoices, to: placeChoices };

  function inWords(field: keyof Schemas['NotchDocument'], value: unknown) {
    const named = field in choices ? choices[field as keyof typeof choices]() : [];
    const known = named.find((c) => c.value === value)?.label;
    return (
      known ??
      (value === 'me'
        ? 'mine'
        : value === 'partner'
          ? 'theirs'
          : value === true
            ? 'yes'
            : value == null || value === '' || value === false
              ? 'nothing'
              : Array.isArray(value)
                ? value.join(', ')
                : plain(String(value)))
    );
  }

  const move = $derived(vocabulary.value?.moves.find((m) => m.id === edited.move));

  function save(event: SubmitEvent) {
    event.preventDefault();
    const clean = Object.fromEntries(
      Object.entries($state.snapshot(edited)).filter(([, value]) => value !== '' && value != null),
    );
    const told = edited.advice.filter((a) => a.text?.trim());
    onsave({
      ...clean,
      causes: edited.causes.length ? edited.causes : undefined,
      advice: told.length ? told.map((a) => ({ text: a.text, from: a.from || undefined })) : undefined,
      unsure: edited.unsure || undefined,
      inferred: undefined,
    } as Schemas['NotchDocument']);
  }
</script>

<Float title="Put this notch right" {beside} {onclose}>
  <form onsubmit={save}>
    {#if words}<p class="quiet">{why.length + others.length > 0 ? 'Read from' : 'For'} “{words}”.</p>{/if}
    {#if others.length > 0}
      <fieldset class="mt-3 flex flex-wrap items-baseline gap-2" aria-label="Or was it">
        <span class="quiet">Or was it</span>
        {#each others as other, i (i)}
          <button type="button" class="may" onclick={() => other.notch && onsave(other.notch)}
            >{other.say}</button
          >
        {/each}
      </fieldset>
    {/if}
    {#if why.length > 0}
      <details>
        <summary class="cursor-pointer py-2.5 underline">Why it was read so</summary>
        <ul class="quiet list-disc pl-5">
          {#each why as reason, i (i)}<li>{reason}</li>{/each}
        </ul>
      </details>
    {/if}
    <div class="my-4 grid grid-cols-2 gap-3.5">
      <label class="field">
        <span>Whose</span>
        <select bind:value={edited.by}>
          <option value="me">mine</option>
          <option value="partner">theirs</option>
        </select>
      </label>
      <Terms label="How it came out" of="outcomes" bind:value={edited.outcome} />
      <div class="col-span-2">
        <Combo
          label="Move"
          value={edited.move}
          choices={moveChoices()}
          none="not named"
          onchoose={(id) => (edited.move = id)}
        />
      </div>
      <Combo
        label="From"
        value={edited.from}
        choices={placeChoices()}
        none="not told"
        onchoose={(id) => (edited.from = id)}
      />
      <Combo
        label="To"
        value={edited.to}
        choices={placeChoices()}
        none="not told"
        onchoose={(id) => (edited.to = id)}
      />
      <Terms label="Side" of="sides" none="not said" bind:value={edited.side} />
      <label class="field">
        <span>Let happen</span>
        <select bind:value={edited.given}>
          <option value={undefined}>no, earned</option>
          <option value="me">I let it happen</option>
          <option value="partner">they let it happen</option>
        </select>
      </label>
      {#if edited.outcome === 'landed'}
        <label class="field">
          <span>Held three seconds</span>
          <select
            value={edited.held == null ? '' : String(edited.held)}
            onchange={(event) => {
              const said = event.currentTarget.value;
              edited.held = said === '' ? undefined : said === 'true';
              edited.heldSeconds = undefined;
            }}
          >
            <option value="">not said</option>
            <option value="true">held</option>
            <option value="false">not held</option>
          </select>
        </label>
      {/if}
      <label class="field">
        <span>At, minutes and seconds</span>
        <input bind:value={edited.at} pattern="\d+:[0-5]\d" placeholder="2:05" autocomplete="off" />
      </label>
      <label class="field">
        <span>Or time left</span>
        <input bind:value={edited.remaining} pattern="\d+:[0-5]\d" placeholder="0:30" autocomplete="off" />
      </label>
      <details class="col-span-2" open={edited.causes.length > 0 || edited.advice.length > 0}>
        <summary class="underline">Why, and what was advised</summary>
        <Tags
          label="Why it happened"
          value={edited.causes}
          offered={terms.value?.causes}
          placeholder="another cause"
          onchange={(causes) => (edited.causes = causes)}
        />
        <AdviceFields bind:advice={edited.advice} />
      </details>
      <label class="field col-span-2">
        <span>Note</span>
        <input bind:value={edited.note} maxlength="500" />
      </label>
      <div class="col-span-2">
        <Toggle
          label="I am not sure of this one"
          checked={!!edited.unsure}
          onchange={(unsure) => (edited.unsure = unsure)}
        />
      </div>
    </div>
    {#if move?.caution}<p class="quiet mb-4">{move.caution}</p>{/if}
    {#if move?.barred && edited.by === 'me'}<p class="mb-4">{move.barred}</p>{/if}
    {#if notch.move && notch.move === edited.move}
      <p class="mb-4">
        <a
          href="/weak-spots/moves?by={encodeURIComponent(notch.by ?? 'me')}&move={encodeURIComponent(
            notch.move,
          )}"
          use:link>What {notch.by === 'partner' ? 'theirs' : 'yours'} does, over all rolls</a
        >
      </p>
    {/if}
    {#if theirs}
      {#key theirs}
        <Differs
          {base}
          mine={edited}
          {theirs}
          {labels}
          say={inWords}
          onchoose={(field, value) => (edited = { ...edited, [field]: value })}
        />
      {/key}
    {:else if failed}<p class="fault mb-4" role="alert">{failed}</p>{/if}
    <div class="closing">
      <button class="do" type="submit">Keep</button>
      <button class="may" type="button" onclick={onclose}>Leave as it was</button>
      <button class="may ms-auto text-danger!" type="button" onclick={onremove}>Take it out</button>
    </div>
  </form>
</Float>
