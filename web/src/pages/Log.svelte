<script lang="ts">
  import { onDestroy, onMount } from 'svelte';
  import { link, push } from 'svelte-spa-router';
  import { api, got, Trouble, type Schemas } from '../api/client';
  import { Film } from '../film/film.svelte';
  import FilmDeck from '../film/FilmDeck.svelte';
  import { captionsIn, isCaptions } from '../film/captions';
  import DayAndMission from '../log/DayAndMission.svelte';
  import { Dictation } from '../log/dictation.svelte';
  import Doubts from '../log/Doubts.svelte';
  import { LogDraft, toDraft, toKeep } from '../log/draft.svelte';
  import { LiveReading } from '../log/reading.svelte';
  import LogChips from '../log/LogChips.svelte';
  import { queue, send, takeBack, type Waiting } from '../log/outbox.svelte';
  import RollsRead from '../log/RollsRead.svelte';
  import TapBoard from '../log/TapBoard.svelte';
  import WaitingRolls from '../log/WaitingRolls.svelte';
  import WritingLine from '../log/WritingLine.svelte';
  import { tell } from '../notices.svelte';
  import NotchEditor from '../parts/NotchEditor.svelte';
  import PartnerForm from '../parts/PartnerForm.svelte';
  import Stick from '../stick/Stick.svelte';
  import { clock, times } from '../words';

  const example =
    'Started standing. I pulled guard to de la riva. He knee cut to side control. He finished an americana.';

  const draft = new LogDraft();
  const live = new LiveReading();
  const film = new Film();
  const dictation = new Dictation();
  let partners = $state<Schemas['PartnerView'][]>([]);
  let unit = $state<string | null | undefined>('kg');
  let adding = $state(false);
  let filming = $state(false);
  let editing = $state<Schemas['NotchReadView'] | null>(null);
  let faults = $state<Record<string, string[]>>({});
  let failed = $state('');
  let saving = $state(false);
  // How one logs belongs to the screen at hand: a thumb on the phone, keys on the laptop.
  let way = $state<'write' | 'tap'>(localStorage.getItem('way') === 'tap' ? 'tap' : 'write');
  let line = $state<WritingLine>();
  let doubts = $state<Doubts>();

  const reading = $derived(live.now);
  const several = $derived((reading?.rolls.length ?? 1) > 1);

  onMount(async () => {
    try {
      const [, me] = await Promise.all([loadPartners(), got(api.GET('/api/practitioner')), draft.load()]);
      unit = me.units;
    } catch (error) {
      failed = (error as Error).message;
    }
    line?.focus();
  });
  onDestroy(() => dictation.stop());

  async function loadPartners() {
    partners = await got(api.GET('/api/partners'));
  }

  $effect(() => draft.keep());

  $effect(() => {
    const { text, partner, corrections, partners } = draft.now;
    live.soon({
      text,
      partner: partner || null,
      corrections: $state.snapshot(corrections),
      partners: $state.snapshot(partners),
    });
  });

  async function save() {
    if (saving || draft.now.text.trim() === '') return;
    saving = true;
    faults = {};
    failed = '';
    dictation.stop();
    const told = $state.snapshot(draft.now);
    const roll = { id: told.id, body: { ...toKeep(told), draft: draft.name } };
    try {
      const kept = await send(roll);
      done();
      const met = kept.newPartners.map((p) => p.name).join(' and ');
      tell({
        text: `${kept.rolls.length === 1 ? 'Saved. The next roll can follow.' : `${kept.rolls.length} rolls saved.`}${met ? ` ${met} is among your partners now.` : ''}`,
        action: { label: 'See it on the rack', run: () => push(`/rack/${told.id}`) },
      });
      if (met) await loadPartners();
    } catch (error) {
      if (error instanceof Trouble && error.status === 0) {
        queue(roll);
        done();
      } else {
        failed = (error as Error).message;
        if (error instanceof Trouble) faults = error.fields;
      }
    } finally {
      saving = false;
    }

    function done() {
      draft.next(told);
      live.clear();
      line?.focus();
    }
  }

  // A refused roll becomes the draft again, with all that was told of it.
  function takeUp({ id, body }: Waiting) {
    draft.now = toDraft(id, body, draft.now);
    takeBack(id);
    line?.focus();
  }

  function go(to: typeof way) {
    way = to;
    localStorage.setItem('way', to);
  }

  function answer(question: Schemas['QuestionView'], notch: Schemas['NotchDocument'] | null | undefined) {
    draft.correct(question.words, question.occurrence, notch ?? null);
  }

  /** The film's time, put before what is tapped. */
  function stamp() {
    const at = film.now();
    return at === null ? '' : `[${clock(at)}] `;
  }

  /** Writes the film's time into the telling; what is told next happened then. */
  function mark() {
    const at = film.now();
    if (at === null) return;
    const text = draft.now.text.trimEnd();
    draft.change(() => (draft.now.text = `${text}${text ? '\n' : ''}[${clock(at)}] `));
    line?.focus(draft.now.text.length);
  }

  async function takeCaptions(captions: string | File) {
    try {
      const text = typeof captions === 'string' ? captions : await captionsIn(captions);
      const told = await got(api.POST('/api/captions', { body: { text } }));
      const before = draft.now.text.trimEnd();
      draft.change(() => (draft.now.text = before ? `${before}\n${told.text}` : told.text));
      if (told.faults.length > 0)
        tell({
          text: `No word was lost, but ${times(told.faults.length, 'time')} could not be read: ${told.faults[0]}`,
          trouble: true,
        });
      line?.focus();
    } catch (error) {
      failed = (error as Error).message;
    }
  }

  function paste(pasted: string) {
    if (!isCaptions(pasted)) return false;
    void takeCaptions(pasted);
    return true;
  }

  function dictate() {
    if (dictation.playing) return dictation.stop();
    dictation.play(Dictation.sample, (soFar) => (draft.now.text = soFar));
  }

  function keys(event: KeyboardEvent) {
    const command = event.ctrlKey || event.metaKey;
    if (command && event.key === 'Enter') void save();
    else if (command && event.key === ' ' && line?.offers()) void 0;
    else if (event.altKey && event.key === 'ArrowDown') doubts?.next();
    else if (event.altKey && event.key === 'Enter' && reading?.questions[0])
      answer(reading.questions[0], reading.questions[0].answers[0]?.notch);
    else if (event.altKey && event.code === 'KeyZ') (event.shiftKey ? draft.redo : draft.undo)();
    else if (event.altKey && event.code === 'KeyM' && film.url) mark();
    else if (!film.key(event)) return;
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
<DayAndMission bind:draft={draft.now} {several} />

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
        line?.focus();
      }}
    />
  </div>
{/if}

<div class:beside={film.url}>
  {#if filming}<FilmDeck {film} onmark={mark} />{/if}
  <div>
    {#if way === 'tap'}
      {#if reading}<Stick stick={reading.rolls.at(-1)!.stick} size="row" label="The roll so far" />{/if}
      <TapBoard {draft} place={reading?.now} {stamp} />
    {:else}
      <WritingLine
        bind:this={line}
        bind:text={draft.now.text}
        {reading}
        readText={live.text}
        ready={draft.ready}
        onpaste={paste}
      />
    {/if}

    <WaitingRolls free={draft.now.text.trim() === ''} ontakeup={takeUp} />
    {#if draft.beside}
      <p class="waits" role="status">Another tab is telling a roll. This one has a draft of its own.</p>
    {/if}
    {#if failed || live.failed}<p class="fault" role="alert">{failed || live.failed}</p>{/if}
    <div class="foot">
      <button class="do" onclick={save} disabled={saving || draft.now.text.trim() === ''}
        >Save the {several ? `${reading?.rolls.length} rolls` : 'roll'}</button
      >
      <span id="told-state" class="quiet"
        >{draft.now.text === ''
          ? 'Ctrl+Enter saves.'
          : draft.kept
            ? 'Draft kept.'
            : 'Draft kept in this browser.'}</span
      >
      <span class="more">
        {#if !filming}<button onclick={() => (filming = true)}>Film</button>{/if}
        <label
          >Captions<input
            type="file"
            accept=".srt,.vtt,text/vtt"
            onchange={async (e) => {
              const file = e.currentTarget.files?.[0];
              e.currentTarget.value = '';
              if (file) await takeCaptions(file);
            }}
          /></label
        >
        <a href="/names" use:link>Names</a>
        <a class="wide" href="/rack" use:link>To the rack</a>
      </span>
    </div>
    {#if dictation.playing}
      <button class="may" onclick={dictate}>Stop the dictation</button>
    {/if}
    {#if reading}
      <Doubts bind:this={doubts} questions={reading.questions} onanswer={(q, a) => answer(q, a.notch)} />
      <RollsRead
        {reading}
        {partners}
        corrected={draft.now.corrections.length}
        sticks={way === 'write'}
        onopen={(read) => (editing = read)}
        onundoall={() => draft.change(() => (draft.now.corrections = []))}
        onmean={(name, partner) => draft.mean(name, partner)}
        onjump={film.url ? film.to : undefined}
      />
    {:else if draft.ready && draft.now.text === '' && way === 'write'}
      <section class="quiet example">
        <p>For example: <em>{example}</em></p>
        <p>Several rolls in one go: begin the next with <em>“Then with Oak …”</em>.</p>
        <div class="tries">
          <button class="may" onclick={() => ((draft.now.text = example), line?.focus())}
            >Try it with this one</button
          >
          <button class="may" onclick={dictate}>Play a dictated one</button>
        </div>
      </section>
    {/if}
  </div>
</div>

{#if editing}
  {@const open = editing}
  <NotchEditor
    notch={open.notch}
    words={open.words}
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
  @media (min-width: 900px) {
    .beside {
      display: grid;
      grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
      gap: 1.25rem;
      align-items: start;
    }
  }
  section {
    margin-top: 1rem;
  }
  .waits {
    border-left: 3px dashed var(--edge);
    padding-left: 0.875rem;
    margin: 0.75rem 0;
  }
  .example p {
    margin-bottom: 0.5rem;
  }
  .tries {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
  }
  .foot {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem 1rem;
    align-items: center;
    margin-top: 0.5rem;
  }
  .more {
    display: flex;
    gap: 1.25rem;
    margin-left: auto;
  }
  .more > * {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
    text-decoration: underline;
    cursor: pointer;
  }
  .more label {
    position: relative;
  }
  .more input {
    position: absolute;
    inset: 0;
    width: 100%;
    min-height: 44px;
    opacity: 0;
    cursor: pointer;
  }
  .more label:focus-within {
    outline: 2px solid var(--ink);
    outline-offset: 2px;
  }
  /* On a phone the rail is at the thumb already. */
  @media (max-width: 700px) {
    .wide {
      display: none !important;
    }
  }
</style>
