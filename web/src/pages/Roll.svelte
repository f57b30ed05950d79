<!-- One roll: its large stick, its steps, its takeaways; edit, delete, undo. -->
<script lang="ts">
  import { link, push } from 'svelte-spa-router';
  import { api, got, Trouble, type Schemas } from '../api/client';
  import { Film } from '../film/film.svelte';
  import FilmDeck from '../film/FilmDeck.svelte';
  import { tell, tellTrouble } from '../notices.svelte';
  import NotchEditor from '../parts/NotchEditor.svelte';
  import NotchRow from '../parts/NotchRow.svelte';
  import EarlierForms from '../roll/EarlierForms.svelte';
  import RollHead from '../roll/RollHead.svelte';
  import Stick from '../stick/Stick.svelte';
  import type { Cut } from '../stick/shape';
  import { attire, day, plain, secondsOf, times } from '../words';

  let { id, onchange }: { id: string; onchange: () => void } = $props();

  let view = $state<Schemas['RollView'] | null>(null);
  let failed = $state('');
  let editing = $state<{ exchange: number; notch: number; added: boolean } | null>(null);
  let chosen = $state<Cut | null>(null);
  let aboutIt = $state(false);
  let filming = $state(false);
  const film = new Film();

  $effect(() => {
    filming = false;
    void load(id);
  });

  async function load(id: string) {
    try {
      view = await got(api.GET('/api/rolls/{id}', { params: { path: { id } } }));
    } catch (error) {
      failed = (error as Error).message;
    }
  }

  async function change(how: (roll: Schemas['RollDocument']) => void) {
    if (!view) return;
    const roll = $state.snapshot(view.roll) as Schemas['RollDocument'];
    how(roll);
    await keep(roll);
  }

  async function keep(roll: Schemas['RollDocument']) {
    if (!view) return;
    editing = null;
    aboutIt = false;
    try {
      view = await got(
        api.PUT('/api/rolls/{id}', {
          params: { path: { id } },
          body: { session: view.session, roll, version: view.version },
        }),
      );
      onchange();
    } catch (error) {
      tellTrouble(error);
      if (error instanceof Trouble && error.status === 409) await load(id);
    }
  }

  // The undo outlives this page, and with it what the page was given.
  async function remove() {
    const gone = id;
    const changed = onchange;
    try {
      await got(api.DELETE('/api/rolls/{id}', { params: { path: { id: gone } } }));
      tell({ text: 'The roll is deleted.', action: { label: 'Undo', run: () => restore(gone, changed) } });
      await push('/rack');
      changed();
    } catch (error) {
      tellTrouble(error);
    }
  }

  async function restore(gone: string, changed: () => void) {
    try {
      await got(api.POST('/api/rolls/{id}/restore', { params: { path: { id: gone } } }));
      await push(`/rack/${gone}`);
      changed();
    } catch (error) {
      tellTrouble(error);
    }
  }

  const timed = $derived(view?.roll.exchanges?.some((e) => e.notches?.some((n) => n.at)) ?? false);

  const notchOf = (at: { exchange: number; notch: number; added: boolean }): Schemas['NotchDocument'] =>
    (!at.added && noted(at.exchange, at.notch)) || {
      by: 'me',
      outcome: 'landed',
    };
  const noted = (e: number, n: number) => view?.roll.exchanges?.[e]?.notches?.[n];

  function choose(cut: Cut) {
    chosen = cut;
    const at = secondsOf(noted(cut.exchange, cut.notch)?.at);
    if (at !== null && film.url) film.to(at);
  }

  // The words of the telling that a notch was read from, where it was told.
  const wordsOf = (at: { exchange: number; notch: number; added: boolean }) => {
    const [from, until] = (!at.added && noted(at.exchange, at.notch)?.span) || [];
    return from === undefined ? undefined : view?.roll.retelling?.slice(from, until);
  };
  const isChosen = (e: number, n: number) => chosen?.exchange === e && chosen.notch === n;
</script>

<a class="back" href="/rack" use:link>Back to the rack</a>
{#if failed}<p class="fault" role="alert">{failed}</p>{/if}
{#if view}
  {@const roll = view.roll}
  <h2>With {view.row.partnerName}</h2>
  <p class="quiet">
    {[
      day(view.session.date),
      plain(view.session.kind),
      attire(view.session.attire),
      roll.partnerBelt ? `${roll.partnerBelt} belt` : '',
      roll.kind,
      roll.intensity,
      roll.minutes ? times(roll.minutes, 'minute') : '',
      ...(roll.partial ?? []).map(plain),
    ]
      .filter(Boolean)
      .join(' · ')}
  </p>
  {#if filming}<FilmDeck {film} captions="/api/rolls/{id}/captions" />{/if}
  <Stick
    stick={view.row.stick}
    size="wide"
    label="Roll with {view.row.partnerName}"
    {chosen}
    onchoose={choose}
  />
  {#each view.row.stick.exchanges as exchange, e (e)}
    <h3>{exchange.start ? `From ${exchange.start}` : 'Start not told'}</h3>
    <ol>
      {#each exchange.cuts as cut, n (n)}
        <NotchRow
          by={cut.by ?? 'me'}
          words={cut.words}
          at={noted(e, n)?.at}
          chosen={isChosen(e, n)}
          onopen={() => (editing = { exchange: e, notch: n, added: false })}
          onjump={film.url ? () => choose(cut) : undefined}
        />
      {/each}
    </ol>
    <p class="quiet end">
      {exchange.end ? `Ended by ${plain(exchange.end)}.` : ''}
      <button
        class="add"
        onclick={() => (editing = { exchange: e, notch: exchange.cuts.length, added: true })}
        >Add a notch</button
      >
    </p>
  {/each}
  {#if roll.mission}
    <h3>Mission: {roll.mission.text}</h3>
    <ul>
      {#each roll.mission.checks ?? [] as check, i (i)}
        <li class="kept">
          <label
            ><input
              type="checkbox"
              checked={check.done ?? false}
              onchange={(e) => {
                const done = e.currentTarget.checked;
                void change((r) => {
                  const of = r.mission?.checks?.[i];
                  if (of) of.done = done;
                });
              }}
            />
            {check.text}</label
          >
        </li>
      {/each}
    </ul>
  {/if}
  {#if view.takeaways.length}
    <h3>Takeaways</h3>
    <ul>
      {#each view.takeaways as takeaway, i (i)}<li>{takeaway}</li>{/each}
    </ul>
  {/if}
  {#if roll.retelling}
    <h3>As told</h3>
    <p class="told">{roll.retelling}</p>
  {/if}
  {#if roll.notes}
    <h3>Notes</h3>
    <p class="told">{roll.notes}</p>
  {/if}
  {#each view.cautions as caution (caution)}<p class="quiet caution">{caution}</p>{/each}
  {#if view.version > 0}<EarlierForms
      {id}
      version={view.version}
      onrestored={() => (void load(id), onchange())}
    />{/if}
  <div class="means">
    <button class="may" onclick={() => (aboutIt = true)}>About this roll</button>
    {#if !filming}<button class="may" onclick={() => (filming = true)}>Film</button>{/if}
    {#if timed}
      <a class="may" href="/api/rolls/{id}/captions" download>Captions, WebVTT</a>
      <a class="may" href="/api/rolls/{id}/captions?form=srt" download>SubRip</a>
      <a class="may" href="/api/rolls/{id}/captions?form=chapters" download>Chapters</a>
    {/if}
    <button class="may out" onclick={remove}>Delete this roll</button>
  </div>
{/if}

{#if aboutIt && view}<RollHead roll={view.roll} onsave={keep} onclose={() => (aboutIt = false)} />{/if}
{#if editing}
  {@const at = editing}
  <NotchEditor
    notch={notchOf(at)}
    words={wordsOf(at)}
    onclose={() => (editing = null)}
    onsave={(notch) =>
      change((roll) => roll.exchanges?.[at.exchange]?.notches?.splice(at.notch, at.added ? 0 : 1, notch))}
    onremove={() =>
      change((roll) => !at.added && roll.exchanges?.[at.exchange]?.notches?.splice(at.notch, 1))}
  />
{/if}

<style>
  .back {
    display: none;
    min-height: 44px;
    align-items: center;
  }
  h3 {
    margin-top: 0.875rem;
  }
  .kept label {
    display: flex;
    gap: 0.625rem;
    align-items: center;
    min-height: 44px;
  }
  .kept input {
    width: 1.375rem;
    height: 1.375rem;
    accent-color: var(--ink);
  }
  .means {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    margin-top: 1rem;
  }
  .out {
    margin-left: auto;
  }
  .end {
    display: flex;
    align-items: center;
    justify-content: space-between;
    min-height: 44px;
  }
  .add {
    min-height: 44px;
    text-decoration: underline;
    color: var(--ink);
    cursor: pointer;
  }
  .told {
    white-space: pre-wrap;
  }
  .caution {
    margin-top: 0.75rem;
    font-size: 0.9375rem;
  }
  @media (max-width: 900px) {
    .back {
      display: inline-flex;
    }
  }
</style>
