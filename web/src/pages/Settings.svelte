<script lang="ts">
  import { link } from 'svelte-spa-router';
  import { api, got, Trouble, type Schemas } from '../api/client';
  import { chooseMode, mode } from '../base/mode.svelte';
  import { hideNames, namesHidden } from '../base/names-hidden';
  import { resource } from '../base/resource.svelte';
  import { kilograms, shown } from '../base/words';
  import Differs from '../kit/Differs.svelte';
  import Failed from '../kit/Failed.svelte';
  import { tell, tellTrouble } from '../kit/notices';
  import Segments from '../kit/Segments.svelte';
  import Backups from '../keeping/Backups.svelte';
  import ImportFile from '../keeping/ImportFile.svelte';
  import PointRules from '../parts/PointRules.svelte';
  import Terms from '../parts/Terms.svelte';

  type Unit = Schemas['PractitionerDocument']['units'];

  type Me = Schemas['PractitionerView'];
  let me = $state<Me | null>(null);
  /** As it was when this form was filled. */
  let was = $state.raw<Me | null>(null);
  /** As it stands now, where somebody else changed it meanwhile. */
  let theirs = $state.raw<Me | null>(null);
  const labels = {
    belt: 'Belt',
    stripes: 'Stripes',
    weightKg: 'Weight in kg',
    units: 'Units',
    ageDivision: 'Age division',
    category: 'Category',
  } as const;
  let weight = $state('');
  let faults = $state<Record<string, string[]>>({});
  let failed = $state('');

  const modes = [
    { id: 'system', say: 'As the system' },
    { id: 'light', say: 'Light' },
    { id: 'dark', say: 'Dark' },
  ] as const;

  const about = resource(() => got(api.GET('/api/about')));
  const kept = resource(async () => {
    const practitioner = await got(api.GET('/api/practitioner'));
    me = { ...practitioner, units: practitioner.units ?? 'kg' };
    was = $state.snapshot(me) as Me;
    theirs = null;
    weight = shown(practitioner.weightKg, practitioner.units);
    return practitioner;
  });

  // What is in the box stays the same weight in another unit.
  function convert(to: Unit) {
    const kg = kilograms(weight, to === 'kg' ? 'lb' : 'kg');
    if (!Number.isNaN(kg)) weight = shown(kg, to);
  }

  async function save(event: SubmitEvent) {
    event.preventDefault();
    if (!me) return;
    faults = {};
    failed = '';
    const weightKg = kilograms(weight, me.units);
    if (Number.isNaN(weightKg)) {
      faults = { weightKg: ['is not a number; write it as 74.5, or leave it empty.'] };
      return;
    }
    try {
      const body = {
        ...me,
        belt: me.belt || undefined,
        ageDivision: me.ageDivision || undefined,
        category: me.category || undefined,
        weightKg,
        stripes: me.stripes ?? undefined,
      };
      const query = { version: theirs?.version ?? me.version };
      const now = await got(api.PUT('/api/practitioner', { params: { query }, body }));
      me = { ...now, units: now.units ?? 'kg' };
      was = $state.snapshot(me) as Me;
      theirs = null;
      tell({ text: 'Kept.' });
    } catch (error) {
      failed = (error as Error).message;
      if (error instanceof Trouble) faults = error.fields;
      if (error instanceof Trouble && error.status === 409) {
        me.weightKg = weightKg;
        const now = await got(api.GET('/api/practitioner'));
        theirs = { ...now, units: now.units ?? 'kg' };
      }
    }
  }

  function choose(field: keyof typeof labels, value: unknown) {
    me = { ...me!, [field]: value };
    if (field === 'weightKg' || field === 'units') weight = shown(me.weightKg, me.units);
  }

  async function startOver() {
    try {
      await got(api.POST('/api/demo/reset'));
      tell({ text: 'The demo is as it came.' });
      await kept.load();
    } catch (error) {
      tellTrouble(error);
    }
  }
  const hasKeys = window.matchMedia('(hover: hover)').matches;
</script>

<svelte:head><title>Settings · Ash Notch</title></svelte:head>

<h1>Settings</h1>
{#if me}
  <form onsubmit={save} aria-label="You">
    <h2>You</h2>
    <div class="grid">
      <Terms label="Belt" of="belts" none="not said" bind:value={me.belt} />
      <label class="field"
        ><span>Stripes</span><input type="number" min="0" max="6" bind:value={me.stripes} /></label
      >
      <label class="field">
        <span>Weight in {me.units}</span>
        <input inputmode="decimal" bind:value={weight} aria-invalid={!!faults.weightKg} />
        {#if faults.weightKg}<span class="fault" role="alert">{faults.weightKg.join(' ')}</span>{/if}
      </label>
      <Terms label="Units" of="units" bind:value={me.units} onchoose={convert} />
      <Terms label="Age division" of="divisions" none="not said" bind:value={me.ageDivision} />
      <Terms label="Category" of="categories" none="not said" bind:value={me.category} />
    </div>
    {#if theirs && was}
      {#key theirs}
        <Differs
          base={was}
          mine={me}
          {theirs}
          {labels}
          onchoose={(field, value) => choose(field as keyof typeof labels, value)}
        />
      {/key}
    {:else if failed && !faults.weightKg}<p class="fault" role="alert">{failed}</p>{/if}
    <button class="do mt-4" type="submit">Keep</button>
  </form>
{/if}
<Failed of={kept} />
<PointRules />
<section>
  <h2>Light or dark</h2>
  <Segments label="Light or dark" value={mode.value} choices={modes} onchoose={chooseMode} />
</section>
<section>
  <h2>Names</h2>
  <p>
    What things are called, and what your gym calls them: <a href="/names" use:link
      >names of positions and moves</a
    >.
  </p>
  {#if !namesHidden()}
    <p>
      To show a page to somebody, or take a picture of it, hide your partners' names: each page says Partner
      1, Partner 2 and so on until you show them again.
    </p>
    <button class="may" onclick={() => hideNames(true)}>Hide partners' names</button>
  {/if}
</section>
{#if about.value}
  <section>
    <h2>Your data</h2>
    <p class="mb-2">It lives on this machine only, in <code>{about.value.dataDirectory}</code>.</p>
    <ImportFile />
  </section>
  <section>
    <h2>Copies of everything</h2>
    <Backups onrestored={() => void kept.load()} />
  </section>
  <section>
    {#if about.value.demo}<button class="may" onclick={startOver}>Start the demo over</button>{/if}
    <p class="quiet mt-3">
      Ash Notch {about.value.version}. {#if hasKeys}Press ? for the keys.{/if}
    </p>
  </section>
{/if}

<style>
  form,
  section {
    margin-top: 1.25rem;
    max-width: 48rem;
  }
  .grid {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(10rem, 1fr));
    gap: 0.875rem;
    margin-top: 0.5rem;
  }
  .field .fault {
    color: var(--color-danger);
  }
  h2 {
    margin-bottom: 0.375rem;
  }
  code {
    white-space: normal;
    overflow-wrap: anywhere;
    font-size: 0.9375rem;
    background: var(--color-wood);
    color: var(--color-ink);
  }
</style>
