<script lang="ts">
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import Combo from '../kit/Combo.svelte';
  import Failed from '../kit/Failed.svelte';
  import { tell, tellTrouble } from '../kit/notices';
  import { need, terms, vocabulary } from '../parts/trade.svelte';
  import { plain, times } from '../base/words';

  need(vocabulary, terms);

  let find = $state('');
  let kind = $state('');
  const own = resource(() => got(api.GET('/api/names')));
  let name = $state('');
  let means = $state('');
  let ownKind = $state<Schemas['MoveView']['kind']>('sweep');
  let fault = $state('');

  const places = $derived(vocabulary.value?.places ?? []);
  const moves = $derived(vocabulary.value?.moves ?? []);
  const kinds = $derived(terms.value?.moveKinds ?? []);

  interface Entry {
    id: string;
    name: string;
    kind: string;
    aliases: string[];
    line: string;
    caution?: string | null;
    barred?: string | null;
  }

  const say = (place: string) => places.find((p) => p.id === place)?.name ?? plain(place);
  const some = (list: string[], most: number) =>
    list.length <= most
      ? list.join(', ')
      : `${list.slice(0, most).join(', ')} and ${list.length - most} more`;

  const entries = $derived<Entry[]>([
    ...places
      .filter((p, i, all) => all.findIndex((q) => q.name === p.name) === i)
      .map((p) => ({
        id: p.id.split('/')[0] ?? p.id,
        name: p.name,
        kind: 'position',
        aliases: p.aliases,
        line: `a position, ${plain(p.family)}`,
      })),
    ...moves.map((m) => ({
      id: m.id,
      name: m.name,
      kind: m.kind as string,
      aliases: m.aliases,
      line: [
        m.submissionClass ? `${plain(m.kind)}, ${plain(m.submissionClass)}` : plain(m.kind),
        m.from.length > 0 && `from ${some([...new Set(m.from.map(say))], 4)}`,
        m.leads,
        m.attire && `${m.attire} only`,
      ]
        .filter(Boolean)
        .join('; '),
      caution: m.caution,
      barred: m.barred,
    })),
  ]);

  /** So many names are shown at once; the first are what most people call it. */
  const usual = 4;

  /** As the log writes that words are no name, though they sound like one. */
  const nothing = 'nothing';

  const choices = $derived([
    ...entries
      .map((e) => ({ value: e.id, label: e.name, also: e.aliases }))
      .sort((a, b) => a.label.localeCompare(b.label)),
    { value: nothing, label: 'nothing: plain words' },
  ]);
  const named = (entry: Entry) => entry.name.toLowerCase().includes(find.trim().toLowerCase());

  const shown = $derived(
    entries
      .filter((e) => !kind || e.kind === kind)
      .filter((e) => {
        const wanted = find.trim().toLowerCase();
        return !wanted || [e.name, ...e.aliases].some((n) => n.toLowerCase().includes(wanted));
      })
      .sort((a, b) => Number(named(b)) - Number(named(a)) || a.name.localeCompare(b.name)),
  );

  async function add(event: SubmitEvent) {
    event.preventDefault();
    fault = '';
    const mine = means === '';
    const id = mine
      ? name
          .trim()
          .toLowerCase()
          .replaceAll(/[^\p{L}\p{N}]+/gu, '-')
      : means;
    try {
      await got(api.POST('/api/names', { body: { name, id, kind: mine ? ownKind : null } }));
      tell({ text: `“${name.trim()}” is yours now and wins over ours.` });
      name = '';
      await own.load();
    } catch (error) {
      fault = (error as Error).message;
    }
  }

  async function drop(gone: Schemas['OwnNameDocument']) {
    try {
      await got(api.DELETE('/api/names', { params: { query: { name: gone.name ?? '' } } }));
      await own.load();
      tell({
        text: `“${gone.name}” is no longer a name of yours.`,
        action: {
          label: 'Undo',
          run: async () => {
            await got(api.POST('/api/names', { body: gone }));
            await own.load();
          },
        },
      });
    } catch (error) {
      tellTrouble(error);
    }
  }

  const meaning = (id: string | null | undefined) =>
    id === nothing ? 'nothing: plain words' : entries.find((e) => e.id === id)?.name;

  /** Takes a name into the form, to mean something else. */
  function change(mine: Schemas['OwnNameDocument']) {
    name = mine.name ?? '';
    means = meaning(mine.id) ? (mine.id ?? '') : '';
    if (mine.kind) ownKind = mine.kind;
    field?.focus();
  }
  let field = $state<HTMLInputElement>();
</script>

<svelte:head><title>Names · Ash Notch</title></svelte:head>

<h1>Names of positions and moves</h1>
<p class="quiet">
  {times(entries.length, 'entry', 'entries')}, {entries.reduce((n, e) => n + 1 + e.aliases.length, 0)} names and
  spellings. Where a move usually starts and leads is the authors' judgement.
</p>

<div class="ask">
  <label class="field"><span>Find</span><input bind:value={find} autocomplete="off" data-find /></label>
  <label class="field">
    <span>Kind</span>
    <select bind:value={kind}>
      <option value="">all</option>
      <option value="position">positions</option>
      {#each kinds as k (k.id)}<option value={k.id}>{k.say}</option>{/each}
    </select>
  </label>
  <p class="quiet count" role="status">{times(shown.length, 'entry', 'entries')}</p>
</div>

<div class="both">
  <ul aria-label="Entries">
    {#each shown.slice(0, 120) as entry (entry.kind + entry.id)}
      <li>
        <h2>{entry.name}</h2>
        <p class="line">{entry.line}</p>
        {#if entry.aliases.length > 0}<p class="quiet">
            also {entry.aliases.slice(0, usual).join(', ')}
          </p>{/if}
        {#if entry.aliases.length > usual}
          <details class="quiet">
            <summary
              >{entry.aliases.length - usual} more that are read as this, as people write and dictation hears them</summary
            >
            <p>{entry.aliases.slice(usual).join(', ')}</p>
          </details>
        {/if}
        {#if entry.barred}<p class="caution">{entry.barred}</p>{/if}
        {#if entry.caution}<p class="caution">{entry.caution}</p>{/if}
      </li>
    {/each}
    {#if shown.length > 120}<li class="quiet">{shown.length - 120} more; find narrows them down.</li>{/if}
    {#if shown.length === 0}<li class="quiet">
        No such name yet. If your gym says it, add it as one of yours.
      </li>{/if}
  </ul>

  <section aria-label="Your own names" class:below={find !== ''}>
    <h2>Your own names</h2>
    <p class="quiet">
      What your gym calls things, even by number, and what you put right in a telling. A name of yours wins
      over ours.
    </p>
    <form onsubmit={add}>
      <label class="field"
        ><span>Name</span><input bind:value={name} bind:this={field} required maxlength="120" /></label
      >
      <Combo
        label="It means"
        value={means}
        {choices}
        none="a move of my own"
        onchoose={(id) => (means = id)}
      />
      {#if means === ''}
        <label class="field">
          <span>Its kind</span>
          <select bind:value={ownKind}
            >{#each kinds as k (k.id)}<option value={k.id}>{k.say}</option>{/each}</select
          >
        </label>
      {/if}
      <button class="do">Add it</button>
    </form>
    <Failed of={own} />
    {#if fault}<p class="fault" role="alert">{fault}</p>{/if}
    <ul>
      {#each own.value ?? [] as mine (mine.name)}
        <li class="mine">
          <span><strong>{mine.name}</strong> {meaning(mine.id) ?? `a ${plain(mine.kind)} of your own`}</span>
          <button class="may" onclick={() => change(mine)} aria-label="Change {mine.name}">Change</button>
          <button class="may" onclick={() => drop(mine)} aria-label="Drop {mine.name}">Drop</button>
        </li>
      {/each}
    </ul>
  </section>
</div>

<style>
  .ask {
    display: grid;
    grid-template-columns: 2fr 1fr auto;
    gap: 0.75rem;
    align-items: end;
    margin: 1rem 0;
  }
  .count {
    padding-bottom: 0.625rem;
  }
  .both {
    display: grid;
    grid-template-columns: 1.7fr 1fr;
    gap: 2.5rem;
    align-items: start;
  }
  .both > ul > li {
    padding: 0.75rem 0;
    border-bottom: 1px solid var(--color-grain);
  }
  h2 {
    font-size: 1.0625rem;
  }
  .caution {
    border-left: 3px solid var(--color-theirs);
    padding-left: 0.625rem;
    margin-top: 0.25rem;
  }
  form {
    display: grid;
    gap: 0.75rem;
    margin: 0.75rem 0;
  }
  .mine {
    display: grid;
    grid-template-columns: 1fr auto auto;
    align-items: center;
    gap: 0.75rem;
    padding: 0.375rem 0;
  }
  @media (max-width: 700px) {
    .both {
      grid-template-columns: 1fr;
    }
    .both > section:not(.below) {
      order: -1;
    }
    .ask {
      grid-template-columns: 1fr 1fr;
    }
    .count {
      grid-column: span 2;
    }
  }
</style>
