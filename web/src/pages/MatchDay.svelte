<!-- One match day: the division and what is allowed in it, who may be met, the matches in order. -->
<script lang="ts">
  import { link, push } from 'svelte-spa-router';
  import { api, got, Trouble, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { day as said, today } from '../base/words';
  import Failed from '../kit/Failed.svelte';
  import { tell, tellTrouble } from '../kit/notices';
  import Waiting from '../kit/Waiting.svelte';
  import DayForm from '../matches/DayForm.svelte';
  import MatchLine from '../matches/MatchLine.svelte';
  import Scouted from '../matches/Scouted.svelte';
  import ScoutForm from '../matches/ScoutForm.svelte';

  let { params }: { params: { id: string } } = $props();

  const id = $derived(params.id);
  const asked = resource(() => got(api.GET('/api/matches/{id}', { params: { path: { id } } })));
  const all = resource(() => got(api.GET('/api/matches')));
  const me = resource(() => got(api.GET('/api/practitioner')));
  const view = $derived(asked.value);
  const begun = $derived((view?.day.date ?? '') <= today());

  let editing = $state(false);
  let scouting = $state<number | null>(null);
  let failed = $state('');
  const opponents = $derived(view?.day.opponents ?? []);

  async function keep(next: Schemas['ScoutingDocument'][], undo?: () => void) {
    if (!view) return;
    failed = '';
    try {
      const body = { ...view.day, opponents: next };
      const params = { path: { id }, query: { version: view.version } };
      asked.value = await got(api.PUT('/api/matches/{id}', { params, body }));
      scouting = null;
      if (undo) tell({ text: 'Taken out.', action: { label: 'Undo', run: undo } });
    } catch (error) {
      failed = (error as Error).message;
      if (error instanceof Trouble && error.status === 409) await asked.load();
    }
  }

  function takeOut(index: number) {
    const before = opponents;
    void keep(
      before.filter((_, i) => i !== index),
      () => void keep(before),
    );
  }

  async function remove() {
    if (!view) return;
    const before = view.day;
    try {
      await got(api.DELETE('/api/matches/{id}', { params: { path: { id } } }));
      tell({
        text: 'The match day is gone; its matches stay on the rack.',
        action: {
          label: 'Undo',
          run: () =>
            got(api.PUT('/api/matches/{id}', { params: { path: { id } }, body: before })).then(
              () => push(`/matches/day/${encodeURIComponent(id)}`),
              tellTrouble,
            ),
        },
      });
      await push('/matches');
    } catch (error) {
      tellTrouble(error);
    }
  }
</script>

<svelte:head><title>{view?.day.name ?? 'Match day'} · Ash Notch</title></svelte:head>

<a class="inline-flex min-h-[44px] items-center underline" href="/matches" use:link>All match days</a>
<Failed of={asked} />
{#if asked.waiting}<Waiting what="Looking the day up" />{/if}
{#if view}
  <h1>{view.day.name}</h1>
  <p class="lead">{said(view.day.date)}, {view.when}{view.say ? `: ${view.say}` : ''}</p>
  {#if editing && all.value}
    <DayForm
      day={view.day}
      version={view.version}
      classes={all.value.classes}
      rules={all.value.rules}
      unit={me.value?.units}
      onkept={(kept) => {
        asked.value = kept;
        editing = false;
      }}
      oncancel={() => (editing = false)}
    />
  {:else}
    <p>{view.division || 'No division said.'}</p>
    <p>
      {view.rules}{view.minutes ? `, ${view.minutes} minutes` : ''}.
      <span class="quiet">Source: {view.source}.</span>
    </p>
    {#if view.weight}<p>{view.weight}</p>{/if}
    {#if view.day.notes}<p class="whitespace-pre-line">{view.day.notes}</p>{/if}
    {#if view.barred.length > 0}
      <details>
        <summary>Barred for you there</summary>
        <ul class="list-disc pl-7">
          {#each view.barred as rule (rule)}<li>{rule}</li>{/each}
        </ul>
        <p class="quiet">
          From memory of the rule book; the event's own rules prevail. What no list names is not known, never
          allowed.
          <a href="/matches/allowed" use:link>Every move</a>
        </p>
      </details>
    {/if}
    <button class="may mt-2" onclick={() => (editing = true)}>Change the day</button>
  {/if}

  <div class="beside">
    <section aria-labelledby="who">
      <h2 id="who">Who may be there</h2>
      {#each opponents as one, i (i)}
        <Scouted day={id} scouting={one} {begun} onedit={() => (scouting = i)} />
      {:else}
        <p class="quiet">Nobody yet. What is heard of an opponent stands here, with who says it.</p>
      {/each}
      <button class="may mt-3" onclick={() => (scouting = -1)}>An opponent</button>
    </section>
    <section aria-labelledby="matches">
      <h2 id="matches">The matches</h2>
      {#each view.matches as match (match.row.id)}
        <MatchLine {match} />
      {:else}
        <p class="quiet">{begun ? 'None told yet.' : 'They are entered on the day, or told afterwards.'}</p>
      {/each}
      {#if begun}
        <div class="mt-3 flex flex-wrap gap-2">
          <a class="do" href="/matches/day/{encodeURIComponent(id)}/live" use:link>Enter a match live</a>
          <a class="may" href="/log?match={encodeURIComponent(id)}" use:link>Tell a match</a>
        </div>
      {/if}
    </section>
  </div>
  <button class="may mt-6" onclick={remove}>Delete this match day</button>
{/if}

{#if scouting !== null}
  {@const at = scouting}
  <ScoutForm
    scouting={opponents[at] ?? {}}
    past={begun}
    {failed}
    onsave={(next) => keep(at < 0 ? [...opponents, next] : opponents.map((o, i) => (i === at ? next : o)))}
    onremove={at < 0 ? undefined : () => takeOut(at)}
    onclose={() => {
      scouting = null;
      failed = '';
    }}
  />
{/if}

<style>
  .lead {
    font-family: var(--typo-heading--font-family);
    font-size: 1.25rem;
    font-weight: 650;
  }
  a.may,
  a.do {
    display: inline-flex;
    align-items: center;
  }
</style>
