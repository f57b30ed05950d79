<script lang="ts">
  import { onDestroy, onMount } from 'svelte';
  import { link } from 'svelte-spa-router';
  import type { Schemas } from '../api/client';
  import { keys } from '../base/keys';
  import FilmDeck from '../film/FilmDeck.svelte';
  import FileButton from '../kit/FileButton.svelte';
  import Segments from '../kit/Segments.svelte';
  import DayAndMission from '../log/DayAndMission.svelte';
  import { Desk } from '../log/desk.svelte';
  import Doubts from '../log/Doubts.svelte';
  import ExampleTelling from '../log/ExampleTelling.svelte';
  import KeepBar from '../log/KeepBar.svelte';
  import LeftDrafts from '../log/LeftDrafts.svelte';
  import LogChips from '../log/LogChips.svelte';
  import { mayCount } from '../parts/starts';
  import Starts from '../parts/Starts.svelte';
  import OfMatchDay from '../log/OfMatchDay.svelte';
  import RollsRead from '../log/RollsRead.svelte';
  import TapBoard from '../log/TapBoard.svelte';
  import WhichDay from '../log/WhichDay.svelte';
  import WaitingRolls from '../log/WaitingRolls.svelte';
  import WritingLine from '../log/WritingLine.svelte';
  import NotchEditor from '../parts/NotchEditor.svelte';
  import PartnerForm from '../parts/PartnerForm.svelte';
  import Stick from '../stick/Stick.svelte';

  const desk = new Desk();
  const { draft, film, dictation } = desk;

  let adding = $state(false);
  let filming = $state(false);
  let editing = $state<{ read: Schemas['NotchReadView']; beside: Element | null } | null>(null);
  let line = $state<WritingLine>();
  let doubts = $state<Doubts>();

  desk.focus = (at) => line?.focus(at);
  onMount(() => desk.open());
  onDestroy(() => dictation.stop());
  $effect(() => draft.keep());
  $effect(() => desk.read());

  // A phone has no such key.
  const isNarrow = window.matchMedia('(max-width: 700px)').matches;
  const hasKeys = window.matchMedia('(hover: hover)').matches;
  const reading = $derived(desk.reading);
  // What is told of it goes into the head once; who then chooses otherwise means it.
  let heard: Schemas['Attire'] | null = null;
  $effect(() => {
    const told = reading?.attire ?? null;
    if (told && told !== heard) draft.now.attire = told;
    heard = told ?? heard;
  });
  const free = $derived(draft.now.text.trim() === '');
  const draftState = $derived(
    draft.now.text === '' ? (hasKeys ? `${keys.save.show} saves.` : '') : draft.where,
  );

  function putRight(notch: Schemas['NotchDocument'] | null) {
    if (editing) {
      const { words, occurrence, added } = editing.read;
      if (added != null) draft.putIn(words, occurrence, notch);
      else draft.correct(words, occurrence, notch);
    }
    editing = null;
  }

  // Words that nobody understood, to be told what they mean.
  const unsaid = ({ text, eventBy }: Schemas['Unread'], occurrence: number): Schemas['NotchReadView'] => ({
    notch: { by: eventBy ?? 'me', outcome: 'landed' },
    say: '',
    words: text,
    occurrence,
    corrected: true,
    why: [],
    others: [],
    added: -1,
  });
</script>

<svelte:head><title>Log · Ash Notch</title></svelte:head>
<svelte:window
  onkeydown={(event) => desk.key(event, line, doubts) && event.preventDefault()}
  onpagehide={() => draft.part()}
  onfocus={() => draft.toToday()}
  onbeforeunload={(event) => desk.wouldBeLost && event.preventDefault()}
/>
<svelte:document onvisibilitychange={() => draft.toToday()} />

<div class="flex items-center justify-between gap-4">
  <h1>How did it go?</h1>
  <Segments
    label="How to log"
    value={desk.way}
    choices={[
      { id: 'write', say: 'Write' },
      { id: 'tap', say: 'Board' },
    ]}
    onchoose={desk.go}
  />
</div>

<LogChips
  bind:draft={draft.now}
  partners={desk.list}
  ready={!desk.partners.waiting}
  faults={desk.faults}
  onnewpartner={() => (adding = true)}
  onnamed={desk.meet}
/>
<WhichDay
  now={draft.today}
  date={draft.now.date}
  lastDay={draft.lastDay}
  told={!free}
  said={reading?.day ?? null}
  onchange={(date) => draft.onDay(date)}
/>
<OfMatchDay bind:draft={draft.now} />
<DayAndMission bind:draft={draft.now} several={desk.several} />

{#if mayCount(draft.now)}
  <Starts bind:starts={draft.now.starts} />
  <p class="quiet mb-3">
    A drill, or a positional round at a light pace, has a tally of its own: nothing live is learned from it.
  </p>
{/if}

{#if adding}
  <div class="my-4">
    <PartnerForm
      partner={{}}
      unit={desk.practitioner.value?.units}
      oncancel={() => (adding = false)}
      onsaved={async (partner) => {
        adding = false;
        await desk.partners.load();
        draft.now.partner = partner.id ?? '';
        line?.focus();
      }}
    />
  </div>
{/if}

{#if filming}<FilmDeck
    {film}
    stick={reading && { exchanges: reading.rolls.flatMap((r) => r.stick.exchanges) }}
    onmark={desk.mark}
  />{/if}
{#if desk.way === 'tap'}
  {#if reading}<Stick stick={reading.rolls.at(-1)!.stick} size="row" label="The roll so far" />{/if}
  <TapBoard {draft} place={reading?.now} stamp={desk.stamp} />
{:else}
  <WritingLine
    bind:this={line}
    bind:text={draft.now.text}
    {reading}
    readText={desk.live.text}
    ready={draft.ready}
    onpaste={desk.paste}
  />
{/if}

<WaitingRolls {free} ontakeup={desk.takeUp} />
<LeftDrafts drafts={desk.left.drafts} {free} ontakeup={desk.goOn} onthrowaway={desk.left.throwAway} />
{#if draft.nowhere && draft.onServer === 'no'}
  <p class="fault" role="alert">
    This roll is kept nowhere yet: this browser stores nothing, and Ash Notch does not answer. Leave the page
    open; it is kept as soon as Ash Notch answers.
  </p>
{/if}
{#if desk.failed || desk.live.failed}<p class="fault" role="alert">
    {desk.faults['session.date']?.[0] ?? (desk.failed || desk.live.failed)}
  </p>{/if}
<KeepBar {reading} {draft} {save} first={isNarrow ? first : undefined} />
<div class="more">
  {#if !filming}<button onclick={() => (filming = true)}>Film</button>{/if}
  <FileButton label="Captions" accept={['.srt', '.vtt', 'text/vtt']} quiet onfile={desk.takeCaptions} />
  <a href="/names" use:link>Names</a>
  <a class="max-[700px]:hidden!" href="/rack" use:link>To the rack</a>
</div>
{#if dictation.playing}<button class="may" onclick={desk.dictate}>Stop the dictation</button>{/if}
{#if reading}
  <Doubts
    bind:this={doubts}
    questions={isNarrow ? reading.questions.slice(1) : reading.questions}
    starts={reading.starts}
    onanswer={desk.answer}
    oncut={(start, begins) => draft.cut(start, begins)}
  />
  <RollsRead
    {reading}
    text={desk.live.text}
    partners={desk.list}
    corrected={draft.now.corrections.length + draft.now.finished.length + draft.now.cuts.length}
    sticks={desk.way === 'write'}
    onopen={(read, beside) => (editing = { read, beside })}
    onundoall={() => draft.forget()}
    onmean={(name, partner) => draft.mean(name, partner)}
    onwith={(words, occurrence, partner) => draft.with(words, occurrence, partner)}
    onstrike={(words) => draft.strike(words)}
    oncut={(start, begins) => draft.cut(start, begins)}
    onsay={(unread, occurrence, beside) => (editing = { read: unsaid(unread, occurrence), beside })}
    onjump={film.url ? film.to : undefined}
  />
{:else if draft.ready && draft.now.text === '' && desk.way === 'write' && desk.examples.value}
  <ExampleTelling examples={desk.examples.value} ontry={desk.tryExample} ondictate={desk.dictate} />
{/if}

{#snippet first()}
  {#if reading && reading.questions.length > 0}
    <Doubts
      questions={reading.questions.slice(0, 1)}
      starts={[]}
      onanswer={desk.answer}
      oncut={() => {}}
      plain
    />
  {/if}
{/snippet}

{#snippet save()}
  <div class="flex flex-wrap items-center gap-x-4 gap-y-1">
    <button class="do" onclick={desk.save} disabled={!desk.canSave}
      >Save the {desk.several ? `${reading?.rolls.length} rolls` : 'roll'}</button
    >
    <span id="told-state" class="quiet">{draftState}</span>
  </div>
{/snippet}

{#if editing}
  <NotchEditor
    notch={editing.read.notch}
    words={editing.read.words}
    why={editing.read.corrected ? [] : editing.read.why}
    others={editing.read.corrected ? [] : editing.read.others}
    beside={editing.beside}
    onclose={() => (editing = null)}
    onsave={putRight}
    onremove={() => putRight(null)}
  />
{/if}

<style>
  .more {
    display: flex;
    flex-wrap: wrap;
    gap: 0 1.25rem;
  }
  .more > :is(a, button) {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
    text-decoration: underline;
    cursor: pointer;
  }
</style>
