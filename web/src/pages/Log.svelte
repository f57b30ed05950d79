<script lang="ts">
  import { onMount } from 'svelte';
  import { link, push } from 'svelte-spa-router';
  import { api, got, Trouble, type Schemas } from '../api/client';
  import Completion from '../log/Completion.svelte';
  import Doubts from '../log/Doubts.svelte';
  import { LogDraft } from '../log/draft.svelte';
  import { outbox, queue, send, takeBack, type Waiting } from '../log/outbox.svelte';
  import LogChips from '../log/LogChips.svelte';
  import TapBoard from '../log/TapBoard.svelte';
  import WhatWasRead from '../log/WhatWasRead.svelte';
  import { tell } from '../notices.svelte';
  import NotchEditor from '../parts/NotchEditor.svelte';
  import PartnerForm from '../parts/PartnerForm.svelte';
  import Stick from '../stick/Stick.svelte';
  import { times } from '../words';

  const example =
    'Started standing. I pulled guard to de la riva. He knee cut to side control. He finished an americana.';

  const draft = new LogDraft();
  let partners = $state<Schemas['PartnerView'][]>([]);
  let unit = $state<string | null | undefined>('kg');
  let reading = $state<Schemas['ReadingView'] | null>(null);
  let readText = $state('');
  let adding = $state(false);
  let editing = $state<Schemas['NotchRead'] | null>(null);
  let faults = $state<Record<string, string[]>>({});
  let failed = $state('');
  let saving = $state(false);
  let cursor = $state(0);
  // How one logs belongs to the screen at hand: a thumb on the phone, keys on the laptop.
  let way = $state<'write' | 'tap'>(localStorage.getItem('way') === 'tap' ? 'tap' : 'write');
  let box = $state<HTMLTextAreaElement>();
  let doubts = $state<Doubts>();
  let completion = $state<Completion>();

  onMount(async () => {
    try {
      const [list, me] = await Promise.all([
        got(api.GET('/api/partners')),
        got(api.GET('/api/practitioner')),
        draft.load(),
      ]);
      partners = list;
      unit = me.units;
    } catch (error) {
      failed = (error as Error).message;
    }
    box?.focus();
  });

  $effect(() => draft.keep());

  let readTimer: ReturnType<typeof setTimeout> | undefined;
  let asked = 0;
  $effect(() => {
    const { text, partner } = draft.now;
    const corrections = $state.snapshot(draft.now.corrections);
    clearTimeout(readTimer);
    readTimer = setTimeout(() => read(text, partner, corrections), 30);
  });

  async function read(text: string, partner: string, corrections: Schemas['CorrectionView'][]) {
    const mine = ++asked;
    if (text.trim() === '') {
      reading = null;
      readText = '';
      return;
    }
    try {
      const answer = await got(
        api.POST('/api/read', { body: { text, partner: partner || null, corrections } }),
      );
      if (mine !== asked) return;
      reading = answer;
      readText = text;
      if (failed) failed = '';
    } catch (error) {
      if (mine === asked) failed = (error as Error).message;
    }
  }

  async function save() {
    if (saving) return;
    saving = true;
    faults = {};
    failed = '';
    const told = $state.snapshot(draft.now);
    const roll = {
      id: told.id,
      body: {
        text: told.text,
        corrections: told.corrections,
        session: { date: told.date, kind: told.sessionKind, attire: told.attire },
        roll: {
          partner: told.partner || undefined,
          kind: told.kind,
          intensity: told.intensity,
          minutes: told.minutes ?? undefined,
        },
      },
    };
    try {
      await send(roll);
      draft.next(told);
      reading = null;
      tell({
        text: 'Saved. The next roll can follow.',
        action: { label: 'See it on the rack', run: () => push(`/rack/${told.id}`) },
      });
      box?.focus();
    } catch (error) {
      if (error instanceof Trouble && error.status === 0) {
        queue(roll);
        draft.next(told);
        reading = null;
        box?.focus();
      } else {
        failed = (error as Error).message;
        if (error instanceof Trouble) faults = error.fields;
      }
    } finally {
      saving = false;
    }
  }

  const queued = $derived(outbox.waiting.filter((w) => !w.refused).length);

  // A refused roll becomes the draft again, with all that was told of it.
  function takeUp({ id, body }: Waiting) {
    const { session, roll } = body;
    draft.now = {
      ...draft.now,
      id,
      text: body.text ?? '',
      corrections: body.corrections ?? [],
      partner: roll?.partner ?? '',
      kind: roll?.kind ?? draft.now.kind,
      intensity: roll?.intensity ?? draft.now.intensity,
      minutes: roll?.minutes ?? null,
      date: session?.date ?? draft.now.date,
      sessionKind: session?.kind ?? draft.now.sessionKind,
      attire: session?.attire ?? draft.now.attire,
    };
    takeBack(id);
    box?.focus();
  }

  function go(to: typeof way) {
    way = to;
    localStorage.setItem('way', to);
  }

  function take(from: number, name: string) {
    const { text } = draft.now;
    draft.now.text = `${text.slice(0, from)}${name}${text.slice(cursor)}`;
    cursor = from + name.length;
    queueMicrotask(() => {
      box?.focus();
      box?.setSelectionRange(cursor, cursor);
    });
  }

  function answer(question: Schemas['QuestionView'], notch: Schemas['NotchDocument'] | null | undefined) {
    draft.correct(question.words, question.occurrence, notch ?? null);
  }

  function keys(event: KeyboardEvent) {
    const command = event.ctrlKey || event.metaKey;
    if (command && event.key === 'Enter') void save();
    else if (command && event.key === ' ' && completion?.take()) void 0;
    else if (event.altKey && event.key === 'ArrowDown') doubts?.next();
    else if (event.altKey && event.key === 'Enter' && reading?.questions[0])
      answer(reading.questions[0], reading.questions[0].answers[0]?.notch);
    else if (event.altKey && event.code === 'KeyZ') (event.shiftKey ? draft.redo : draft.undo)();
    else return;
    event.preventDefault();
  }
</script>

<svelte:head><title>Log · Ash Notch</title></svelte:head>
<svelte:window onkeydown={keys} />

<div class="head">
  <h1>How did it go?</h1>
  <div class="ways" role="group" aria-label="How to log">
    {#each [['write', 'Write'], ['tap', 'Tap']] as const as [id, name] (id)}<button
        class="may"
        aria-pressed={way === id}
        onclick={() => go(id)}>{name}</button
      >{/each}
  </div>
</div>

<LogChips bind:draft={draft.now} {partners} {faults} onnewpartner={() => (adding = true)} />

{#if adding}
  <div class="my-4">
    <PartnerForm
      partner={{}}
      {unit}
      oncancel={() => (adding = false)}
      onsaved={(partner) => {
        partners = [{ partner, rolls: 0, last: null, sticks: [] }, ...partners];
        draft.now.partner = partner.id ?? '';
        adding = false;
        box?.focus();
      }}
    />
  </div>
{/if}

{#if way === 'tap'}
  {#if reading}<Stick stick={reading.stick} size="row" label="The roll so far" />{/if}
  <TapBoard {draft} place={reading?.now} />
{:else}
  <label class="telling">
    <span class="sr-only">Tell the roll in your own words</span>
    <textarea
      bind:this={box}
      bind:value={draft.now.text}
      oninput={() => (cursor = box?.selectionStart ?? 0)}
      onkeyup={() => (cursor = box?.selectionStart ?? 0)}
      onclick={() => (cursor = box?.selectionStart ?? 0)}
      rows="4"
      readonly={!draft.ready}
      spellcheck="false"
      autocapitalize="sentences"
      placeholder="Tell it like you would tell a friend: where it started, who tried what, what came of it."
      aria-describedby="told-state"></textarea>
  </label>
  <Completion bind:this={completion} text={draft.now.text} at={cursor} ontake={take} />
{/if}

{#if queued > 0}
  <p class="waits" role="status">
    {times(queued, 'roll')} kept in this browser until Ash Notch answers again. Nothing is lost; go on.
  </p>
{/if}
{#each outbox.waiting.filter((w) => w.refused) as roll (roll.id)}
  <p class="waits" role="alert">
    “{roll.body.text?.slice(0, 60)}” was refused: {roll.refused}
    <button class="may" disabled={draft.now.text.trim() !== ''} onclick={() => takeUp(roll)}
      >Put it right</button
    >
  </p>
{/each}
{#if draft.beside}
  <p class="waits" role="status">Another tab is telling a roll. This one has a draft of its own.</p>
{/if}
{#if failed}<p class="fault" role="alert">{failed}</p>{/if}
<div class="foot">
  <button class="do" onclick={save} disabled={saving || draft.now.text.trim() === ''}>Save the roll</button>
  <span id="told-state" class="quiet"
    >{draft.now.text === ''
      ? 'Ctrl+Enter saves.'
      : draft.kept
        ? 'Draft kept.'
        : 'Draft kept in this browser.'}</span
  >
  <a class="rack" href="/names" use:link>Names</a>
  <a class="wide" href="/rack" use:link>To the rack</a>
</div>

{#if reading}
  {@const questions = reading.questions}
  <Doubts bind:this={doubts} {questions} onanswer={(q, a) => answer(q, a.notch)} />
  <section aria-label="What was read">
    {#if way === 'write'}<Stick stick={reading.stick} size="wide" label="The roll as told" />{/if}
    <WhatWasRead
      {reading}
      text={readText}
      corrected={draft.now.corrections.length}
      onopen={(read) => (editing = read)}
      onundoall={() => draft.change(() => (draft.now.corrections = []))}
    />
  </section>
{:else if draft.ready && draft.now.text === '' && way === 'write'}
  <section class="quiet example">
    <p>For example: <em>{example}</em></p>
    <button class="may" onclick={() => ((draft.now.text = example), box?.focus())}
      >Try it with this one</button
    >
  </section>
{/if}

{#if editing}
  {@const open = editing}
  <NotchEditor
    notch={open.notch}
    onclose={() => (editing = null)}
    onsave={(notch) => {
      draft.correct(open.words, open.occurrence, notch);
      editing = null;
    }}
    onremove={() => {
      draft.correct(open.words, open.occurrence, null);
      editing = null;
    }}
  />
{/if}

<style>
  .head {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 1rem;
  }
  .ways {
    display: flex;
  }
  .ways .may[aria-pressed='true'] {
    background: var(--ink);
    color: var(--ground);
  }
  .telling textarea {
    display: block;
    width: 100%;
    min-height: 7.5rem;
    field-sizing: content;
    padding: 0.875rem 1rem;
    font: inherit;
    font-size: 1.125rem;
    line-height: 1.55;
    color: var(--ink);
    background: var(--raised);
    border: 1px solid var(--edge);
    border-radius: 4px;
    resize: vertical;
  }
  textarea::placeholder {
    color: var(--quiet);
    opacity: 1;
  }
  section {
    margin-top: 1rem;
  }
  .waits {
    border-left: 3px dashed var(--edge);
    padding-left: 0.875rem;
    margin: 0.75rem 0;
  }
  .example {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
    align-items: center;
  }
  .foot {
    display: flex;
    flex-wrap: wrap;
    gap: 1rem;
    align-items: center;
    margin-top: 0.5rem;
  }
  .foot a {
    text-decoration: underline;
  }
  .rack {
    margin-left: auto;
  }
  /* On a phone the rail is at the thumb already. */
  @media (max-width: 700px) {
    .wide {
      display: none;
    }
  }
</style>
