<script lang="ts">
  import { onMount } from 'svelte';
  import { link, push } from 'svelte-spa-router';
  import { api, got, Trouble, type Schemas } from '../api/client';
  import { tell } from '../notices.svelte';
  import Marked from '../parts/Marked.svelte';
  import NotchEditor from '../parts/NotchEditor.svelte';
  import PartnerForm from '../parts/PartnerForm.svelte';
  import Stick from '../stick/Stick.svelte';
  import { plain, today } from '../words';

  interface Draft {
    id: string;
    text: string;
    partner: string;
    kind: string;
    intensity: string;
    minutes: number | null;
    date: string;
    sessionKind: string;
    attire: string;
    corrections: Schemas['CorrectionView'][];
  }

  const example =
    'Started standing. I pulled guard to de la riva. He knee cut to side control. He finished an americana.';

  const fresh = (before?: Draft): Draft => ({
    id: crypto.randomUUID(),
    text: '',
    partner: '',
    kind: before?.kind ?? 'free',
    intensity: before?.intensity ?? 'steady',
    minutes: before?.minutes ?? 6,
    date: before?.date ?? today(),
    sessionKind: before?.sessionKind ?? 'class',
    attire: before?.attire ?? 'gi',
    corrections: [],
  });

  let draft = $state<Draft>(fresh());
  let partners = $state<Schemas['PartnerView'][]>([]);
  let unit = $state<string | null | undefined>('kg');
  let reading = $state<Schemas['ReadingView'] | null>(null);
  let readText = $state('');
  let ready = $state(false);
  let adding = $state(false);
  let editing = $state<Schemas['NotchRead'] | null>(null);
  let faults = $state<Record<string, string[]>>({});
  let failed = $state('');
  let saving = $state(false);
  let kept = $state(true);
  let box = $state<HTMLTextAreaElement>();

  const notches = $derived(reading?.exchanges.flatMap((e) => e.notches) ?? []);

  onMount(async () => {
    const local = localStorage.getItem('draft');
    try {
      const [list, server, me] = await Promise.all([
        got(api.GET('/api/partners')),
        got(api.GET('/api/drafts/{id}', { params: { path: { id: 'log' } } })),
        got(api.GET('/api/practitioner')),
      ]);
      partners = list;
      unit = me.units;
      restore(local ?? server.body);
    } catch (error) {
      restore(local);
      failed = (error as Error).message;
    }
    ready = true;
    box?.focus();
  });

  function restore(body: string | null | undefined) {
    if (!body) return;
    try {
      draft = { ...fresh(), ...(JSON.parse(body) as Partial<Draft>) };
    } catch {
      // A draft that cannot be read is left where it is; a new one starts beside it.
    }
  }

  // The draft is kept on every change: at once in the browser, soon after on the server.
  let keepTimer: ReturnType<typeof setTimeout> | undefined;
  $effect(() => {
    const body = JSON.stringify(draft);
    if (!ready) return;
    localStorage.setItem('draft', body);
    kept = false;
    clearTimeout(keepTimer);
    keepTimer = setTimeout(() => keep(body), 400);
  });

  async function keep(body: string) {
    try {
      await got(api.PUT('/api/drafts/{id}', { params: { path: { id: 'log' } }, body: { body } }));
      kept = true;
    } catch {
      kept = false;
    }
  }

  let readTimer: ReturnType<typeof setTimeout> | undefined;
  let asked = 0;
  $effect(() => {
    const { text, partner } = draft;
    const corrections = $state.snapshot(draft.corrections);
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

  function correct(read: Schemas['NotchRead'], notch: Schemas['NotchDocument'] | null) {
    const { words, occurrence } = read;
    draft.corrections = [
      ...draft.corrections.filter((c) => c.words !== words || c.occurrence !== occurrence),
      { words, occurrence, notch },
    ];
    editing = null;
  }

  async function save() {
    if (saving) return;
    saving = true;
    faults = {};
    failed = '';
    const told = $state.snapshot(draft);
    try {
      await got(
        api.PUT('/api/rolls/{id}/telling', {
          params: { path: { id: told.id } },
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
        }),
      );
      draft = fresh(told);
      reading = null;
      tell({
        text: 'Saved. The next roll can follow.',
        action: { label: 'See it on the rack', run: () => push(`/rack/${told.id}`) },
      });
      box?.focus();
    } catch (error) {
      failed = (error as Error).message;
      if (error instanceof Trouble) faults = error.fields;
    } finally {
      saving = false;
    }
  }

  function keys(event: KeyboardEvent) {
    if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
      event.preventDefault();
      void save();
    }
  }
</script>

<svelte:head><title>Log · Ash Notch</title></svelte:head>

<h1>How did it go?</h1>

<div class="chips" role="group" aria-label="The session">
  <label class="field day"
    ><span>Day</span><input
      type="date"
      bind:value={draft.date}
      aria-invalid={!!faults['session.date']}
    /></label
  >
  <label class="field">
    <span>Session</span>
    <select bind:value={draft.sessionKind}>
      {#each ['class', 'open-mat', 'competition', 'private', 'drilling', 'seminar', 'other'] as kind (kind)}
        <option value={kind}>{plain(kind)}</option>
      {/each}
    </select>
  </label>
  <label class="field">
    <span>Attire</span>
    <select bind:value={draft.attire}
      ><option value="gi">gi</option><option value="no-gi">no-gi</option></select
    >
  </label>
  <label class="field partner">
    <span>Partner</span>
    <select
      bind:value={draft.partner}
      onchange={() => {
        if (draft.partner === '+') {
          draft.partner = '';
          adding = true;
        }
      }}
    >
      <option value="">someone</option>
      {#each partners as { partner } (partner.id)}
        <option value={partner.id}>{partner.name}{partner.belt ? `, ${partner.belt}` : ''}</option>
      {/each}
      <option value="+">new partner…</option>
    </select>
  </label>
  <label class="field">
    <span>Kind</span>
    <select bind:value={draft.kind}
      ><option value="free">free</option><option value="positional">positional</option><option value="match"
        >match</option
      ></select
    >
  </label>
  <label class="field">
    <span>How hard</span>
    <select bind:value={draft.intensity}
      ><option value="light">light</option><option value="steady">steady</option><option value="hard"
        >hard</option
      ></select
    >
  </label>
  <label class="field"
    ><span>Minutes</span><input
      type="number"
      min="0"
      max="180"
      step="0.5"
      bind:value={draft.minutes}
    /></label
  >
</div>

{#if adding}
  <div class="my-4">
    <PartnerForm
      partner={{}}
      {unit}
      oncancel={() => (adding = false)}
      onsaved={(partner) => {
        partners = [{ partner, rolls: 0, last: null, sticks: [] }, ...partners];
        draft.partner = partner.id ?? '';
        adding = false;
        box?.focus();
      }}
    />
  </div>
{/if}

<label class="telling">
  <span class="sr-only">Tell the roll in your own words</span>
  <textarea
    bind:this={box}
    bind:value={draft.text}
    onkeydown={keys}
    rows="4"
    spellcheck="false"
    autocapitalize="sentences"
    placeholder="Tell it like you would tell a friend: where it started, who tried what, what came of it."
    aria-describedby="told-state"></textarea>
</label>

{#if failed}<p class="fault" role="alert">{failed}</p>{/if}
<div class="foot">
  <button class="do" onclick={save} disabled={saving || draft.text.trim() === ''}>Save the roll</button>
  <span id="told-state" class="quiet"
    >{draft.text === '' ? 'Ctrl+Enter saves.' : kept ? 'Draft kept.' : 'Draft kept in this browser.'}</span
  >
  <a class="rack" href="/rack" use:link>To the rack</a>
</div>

{#if reading}
  <section aria-label="What was read">
    <Stick stick={reading.stick} size="wide" label="The roll as told" />
    <div class="read">
      <div>
        <h2>Notches</h2>
        {#if notches.length === 0}
          <p class="quiet">Nothing read yet. Name a move or a place: "I pulled guard", "he took my back".</p>
        {/if}
        {#each reading.exchanges as exchange, e (e)}
          {#if reading.exchanges.length > 1}<p class="quiet from">
              Exchange {e + 1}{exchange.start ? `, from ${exchange.start}` : ''}
            </p>{/if}
          <ol>
            {#each exchange.notches as read, n (n)}
              <li>
                <button class="notch {read.notch.by}" onclick={() => (editing = read)}>
                  <svg width="14" height="10" viewBox="0 0 14 10" aria-hidden="true"
                    ><path d={read.notch.by === 'me' ? 'M0 0h14L7 10z' : 'M0 10h14L7 0z'} /></svg
                  >
                  <span>{read.say}{read.corrected ? ' (put right)' : ''}</span>
                </button>
              </li>
            {/each}
          </ol>
        {/each}
      </div>
      <div>
        <h2>As it was read</h2>
        <Marked text={readText} mentions={reading.mentions} unread={reading.unread} />
        {#if reading.unread.length > 0}
          <p class="quiet mt-2">What is wavy was not understood. It is kept as you wrote it.</p>
        {/if}
        {#each reading.takeaways as takeaway (takeaway)}<p class="mt-2">
            <strong>Takeaway:</strong>
            {takeaway}
          </p>{/each}
        {#if draft.corrections.length > 0}
          <button class="may mt-3" onclick={() => (draft.corrections = [])}>Undo all corrections</button>
        {/if}
      </div>
    </div>
  </section>
{:else if ready && draft.text === ''}
  <section class="quiet example">
    <p>For example: <em>{example}</em></p>
    <button class="may" onclick={() => ((draft.text = example), box?.focus())}>Try it with this one</button>
  </section>
{/if}

{#if editing}
  {@const open = editing}
  <NotchEditor
    notch={open.notch}
    onclose={() => (editing = null)}
    onsave={(notch) => correct(open, notch)}
    onremove={() => correct(open, null)}
  />
{/if}

<style>
  .chips {
    display: grid;
    grid-template-columns: 1.2fr 1fr 0.8fr 1.6fr 1fr 0.9fr 0.8fr;
    gap: 0.625rem;
    margin: 0.875rem 0;
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
  .read {
    display: grid;
    grid-template-columns: 1.1fr 1fr;
    gap: 2rem;
  }
  .from {
    margin-top: 0.5rem;
  }
  .notch {
    display: flex;
    gap: 0.625rem;
    align-items: baseline;
    width: 100%;
    min-height: 44px;
    padding: 0.5rem 0.5rem;
    text-align: left;
    cursor: pointer;
    border-bottom: 1px solid var(--grain);
  }
  .notch:hover {
    background: var(--wood);
  }
  .notch svg {
    flex: none;
    fill: var(--mine);
  }
  .notch.partner svg {
    fill: var(--theirs);
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
    margin-top: 1rem;
  }
  .rack {
    text-decoration: underline;
    margin-left: auto;
  }
  @media (max-width: 700px) {
    .chips {
      grid-template-columns: 1fr 1fr 1fr;
    }
    .chips .partner,
    .chips .day {
      grid-column: span 2;
    }
    .read {
      grid-template-columns: 1fr;
      gap: 1rem;
    }
  }
</style>
