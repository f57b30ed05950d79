<!-- One roll: its large stick, its steps, how it was told; edit, delete, undo. -->
<script lang="ts">
  import { link } from 'svelte-spa-router';
  import type { Schemas } from '../api/client';
  import { day, plain, secondsOf, times } from '../base/words';
  import { Film } from '../film/film.svelte';
  import FilmDeck from '../film/FilmDeck.svelte';
  import Failed from '../kit/Failed.svelte';
  import Leaves from '../kit/Leaves.svelte';
  import { tell } from '../kit/notices';
  import Waiting from '../kit/Waiting.svelte';
  import NotchEditor from '../parts/NotchEditor.svelte';
  import Stick from '../stick/Stick.svelte';
  import type { Cut } from '../stick/shape';
  import AsTold from './AsTold.svelte';
  import CheckOfRoll from './CheckOfRoll.svelte';
  import EarlierForms from './EarlierForms.svelte';
  import LedgerOfRoll from './LedgerOfRoll.svelte';
  import { notchNow, placeNow } from './notch-now';
  import { OpenRoll, type NotchAt } from './open-roll.svelte';
  import RollHead from './RollHead.svelte';
  import RollQuestions from './RollQuestions.svelte';
  import RollSteps from './RollSteps.svelte';
  import SplitRoll from './SplitRoll.svelte';

  let { id, onchange }: { id: string; onchange: () => void } = $props();

  // svelte-ignore state_referenced_locally
  const open = new OpenRoll(id, onchange);
  const film = new Film();
  interface Editing extends NotchAt {
    added: boolean;
    beside: Element;
    /** The roll as it was when the notch was opened, or as it was last shown beside it. */
    of: Schemas['RollDocument']['exchanges'];
    /** What it was, when it was opened. */
    notchThen: Schemas['NotchDocument'];
    theirs?: Schemas['NotchDocument'];
    said?: string;
  }
  let editing = $state.raw<Editing | null>(null);
  let chosen = $state<Cut | null>(null);
  let aboutIt = $state(false);
  let splitting = $state(false);
  let filming = $state(false);

  const view = $derived(open.view);
  const timed = $derived(view?.roll.exchanges?.some((e) => e.notches?.some((n) => n.at)) ?? false);
  const notches = $derived(view?.roll.exchanges?.reduce((n, e) => n + (e.notches?.length ?? 0), 0) ?? 0);
  const blank: Schemas['NotchDocument'] = { by: 'me', outcome: 'landed' };

  function choose(cut: Cut) {
    chosen = cut;
    const at = secondsOf(open.notch(cut)?.at);
    if (at !== null && film.url) film.to(at);
  }

  function showCut(at: { exchange: number; notch: number }) {
    const cut = view?.row.stick.exchanges[at.exchange]?.cuts.find((c) => c.notch === at.notch);
    if (cut) choose(cut);
  }

  async function putRight(notch: Schemas['NotchDocument'] | null) {
    const at = editing;
    if (!at || (at.added && !notch)) return leave();
    const { exchange, notch: index } = at;
    const kept = await open.change(
      (roll) =>
        roll.exchanges?.[exchange]?.notches?.splice(index, at.added ? 0 : 1, ...(notch ? [notch] : [])),
      at.added ? undefined : { exchange, notch: index },
    );
    if (kept) leave();
    else if (open.changedElsewhere) followed(at, notch === null);
  }

  function edit(at: NotchAt, added: boolean, beside: Element) {
    const of = $state.snapshot(view?.roll.exchanges) as Editing['of'];
    const notchThen = added ? blank : (of?.[at.exchange]?.notches?.[at.notch] ?? blank);
    editing = { ...at, added, beside, of, notchThen };
  }

  // Somebody else changed the roll: the notch is looked for where it is now, and the next press is about that one or about none.
  function followed(at: Editing, removes: boolean) {
    const of = $state.snapshot(view?.roll.exchanges) as Editing['of'];
    if (at.added) {
      editing = {
        ...at,
        ...placeNow(at.of, of, at),
        of,
        said: `${meanwhile} Keep puts yours in where it belongs now.`,
      };
      return;
    }
    const now = notchNow(at.of, of, at);
    if (now.became === 'gone') {
      if (removes) return leave();
      editing = {
        ...at,
        ...now.at,
        of,
        added: true,
        theirs: undefined,
        said: 'This notch was taken out elsewhere meanwhile. Keep puts yours in anew; otherwise leave it.',
      };
      return;
    }
    const theirs = now.became === 'changed' ? of?.[now.at.exchange]?.notches?.[now.at.notch] : undefined;
    editing = { ...at, ...now.at, of, theirs, said: `${meanwhile} This notch was not; press again.` };
  }

  const meanwhile = 'The roll was changed elsewhere meanwhile, and nothing was overwritten.';

  async function answer(check: number, change: Partial<Schemas['CheckDocument']>) {
    const kept = await open.change((roll) => {
      const of = roll.mission?.checks?.[check];
      if (of) Object.assign(of, change);
    });
    if (!kept) tell({ text: open.failed, trouble: true });
  }

  // Only here is what was typed let go of.
  function leave() {
    editing = null;
    aboutIt = splitting = false;
    open.failed = '';
  }

  async function keepHead(roll: Schemas['RollDocument'], session?: Schemas['SessionDocument']) {
    if (await open.keep(roll, session)) leave();
  }

  async function join(other: string) {
    if (!(await open.join(other))) tell({ text: open.failed, trouble: true });
  }
</script>

<a class="back" href="/rack" use:link>Back to the rack</a>
<Failed of={open.asked} />
{#if open.asked.waiting}<Waiting what="Taking the stick down" />{/if}
{#if view}
  {@const roll = view.roll}
  <h2>With {view.row.partnerName}</h2>
  <p class="quiet">
    {[
      day(view.session.date),
      plain(view.session.kind),
      plain(view.session.attire),
      roll.partnerBelt ? `${roll.partnerBelt} belt` : '',
      roll.kind,
      roll.intensity,
      roll.minutes ? times(roll.minutes, 'minute') : '',
      ...(roll.partial ?? []).map(plain),
    ]
      .filter(Boolean)
      .join(' · ')}
  </p>
  {#if view.row.practice}<p>{view.row.practice} Nothing live is learned from it.</p>{/if}
  {#if filming}<FilmDeck {film} stick={view.row.stick} captions="/api/rolls/{id}/captions" />{/if}
  {#if !film.url || view.row.stick.exchanges.some((e) => e.cuts.some((c) => c.seconds == null))}
    <Stick
      stick={view.row.stick}
      size="wide"
      label="Roll with {view.row.partnerName}"
      {chosen}
      running={view.running}
      onchoose={choose}
    />
  {/if}
  <RollQuestions {open} questions={view.questions} />
  {#if roll.mission}
    <h3 class="mt-3.5">Mission: {roll.mission.text}</h3>
    {#each roll.mission.checks ?? [] as check, i (i)}
      <CheckOfRoll {check} onchange={(change) => void answer(i, change)} />
    {/each}
  {/if}
  {#each view.setOut as said (said)}<p class="mt-1">{said}</p>{/each}
  <Leaves
    leaves={[
      { id: 'steps', name: 'Steps', leaf: steps },
      { id: 'score', name: 'Score', leaf: score },
      { id: 'told', name: 'As told', leaf: told },
      ...(view.forms > 0 ? [{ id: 'forms', name: `Earlier forms (${view.forms})`, leaf: forms }] : []),
    ]}
  />
  {#if view.takeaways.length}
    <h3 class="mt-3.5">Takeaways</h3>
    <ul>
      {#each view.takeaways as takeaway, i (i)}<li>{takeaway}</li>{/each}
    </ul>
  {/if}
  {#if view.missed.length}
    <h3 class="mt-3.5">Missed chances</h3>
    <ul>
      {#each view.missed as missed, i (i)}<li>{missed}</li>{/each}
    </ul>
  {/if}
  {#if view.session.taught?.length}
    <h3 class="mt-3.5">Taught that day</h3>
    <ul>
      {#each view.session.taught as taught, i (i)}
        <li>{taught.text}{taught.by ? ` (${taught.by})` : ''}</li>
      {/each}
    </ul>
  {/if}
  {#each view.cautions as caution (caution)}<p class="quiet mt-3 text-[0.9375rem]">{caution}</p>{/each}
  <div class="mt-4 flex flex-wrap gap-2">
    <button class="may" onclick={() => (aboutIt = true)}>About this roll</button>
    {#if notches > 1}<button class="may" onclick={() => (splitting = true)}>Split in two</button>{/if}
    {#if view.next}
      {@const next = view.next}
      <button class="may" onclick={() => join(next.id)}>Join with the next, {next.partnerName}</button>
    {/if}
    {#if !filming}<button class="may" onclick={() => (filming = true)}>Film</button>{/if}
    {#if timed}
      <a class="may" href="/api/rolls/{encodeURIComponent(id)}/captions" download>Captions, WebVTT</a>
      <a class="may" href="/api/rolls/{encodeURIComponent(id)}/captions?form=srt" download>SubRip</a>
      <a class="may" href="/api/rolls/{encodeURIComponent(id)}/captions?form=chapters" download>Chapters</a>
    {/if}
    <button class="may ms-auto" onclick={open.remove}>Delete this roll</button>
  </div>
{/if}

{#snippet steps()}
  {#if view}
    <RollSteps
      {view}
      {chosen}
      onopen={(at, beside, added) => edit(at, added, beside)}
      onjump={film.url ? choose : undefined}
    />
  {/if}
{/snippet}

{#snippet score()}
  {#if view}<LedgerOfRoll {open} {view} onchoose={showCut} />{/if}
{/snippet}

{#snippet told()}
  {#if view}<AsTold {open} {view} />{/if}
{/snippet}

{#snippet forms()}
  <EarlierForms
    {id}
    version={view?.version ?? 0}
    onrestored={() => {
      void open.asked.load();
      onchange();
    }}
  />
{/snippet}

{#if aboutIt && view}<RollHead {view} failed={open.failed} onsave={keepHead} onclose={leave} />{/if}
{#if splitting && view}<SplitRoll {open} {view} onclose={leave} />{/if}
{#if editing}
  {@const at = editing}
  <NotchEditor
    notch={at.notchThen}
    words={at.added ? undefined : open.wordsOf(at)}
    beside={at.beside}
    theirs={at.theirs}
    failed={at.said ?? open.failed}
    onclose={leave}
    onsave={putRight}
    onremove={() => putRight(null)}
  />
{/if}

<style>
  .back {
    display: none;
    min-height: 44px;
    align-items: center;
  }
  @media (max-width: 900px) {
    .back {
      display: inline-flex;
    }
  }
</style>
