<script lang="ts">
  import { link } from 'svelte-spa-router';
  import { api, got, Trouble, type Schemas } from '../api/client';
  import { chooseMode, mode, type Mode } from '../mode.svelte';
  import { tell, tellTrouble } from '../notices.svelte';
  import { kilograms, plain, shown } from '../words';

  let me = $state<Schemas['PractitionerDocument'] | null>(null);
  let about = $state<Schemas['AboutView'] | null>(null);
  let weight = $state('');
  let faults = $state<Record<string, string[]>>({});
  let failed = $state('');

  const modes: [Mode, string][] = [
    ['system', 'As the system'],
    ['light', 'Light'],
    ['dark', 'Dark'],
  ];
  const divisions = ['juvenile', 'adult', ...[1, 2, 3, 4, 5, 6, 7].map((n) => `master-${n}`)];

  void load();

  async function load() {
    try {
      const [practitioner, info] = await Promise.all([
        got(api.GET('/api/practitioner')),
        got(api.GET('/api/about')),
      ]);
      me = { ...practitioner, units: practitioner.units ?? 'kg' };
      weight = shown(practitioner.weightKg, practitioner.units);
      about = info;
    } catch (error) {
      failed = (error as Error).message;
    }
  }

  function units(to: Schemas['PractitionerDocument']['units']) {
    if (!me) return;
    const kg = kilograms(weight, me.units);
    me.units = to;
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
      await got(
        api.PUT('/api/practitioner', { body: { ...me, weightKg, stripes: me.stripes ?? undefined } }),
      );
      tell({ text: 'Kept.' });
    } catch (error) {
      failed = (error as Error).message;
      if (error instanceof Trouble) faults = error.fields;
    }
  }

  async function startOver() {
    try {
      await got(api.POST('/api/demo/reset'));
      localStorage.removeItem('draft');
      tell({ text: 'The demo is as it came.' });
      await load();
    } catch (error) {
      tellTrouble(error);
    }
  }
</script>

<svelte:head><title>Settings · Ash Notch</title></svelte:head>

<h1>Settings</h1>
{#if me}
  <form onsubmit={save} aria-label="You">
    <h2>You</h2>
    <div class="grid">
      <label class="field">
        <span>Belt</span>
        <select bind:value={me.belt}>
          <option value={undefined}>not said</option>
          {#each ['white', 'grey', 'yellow', 'orange', 'green', 'blue', 'purple', 'brown', 'black', 'coral', 'red'] as belt (belt)}<option
              >{belt}</option
            >{/each}
        </select>
      </label>
      <label class="field"
        ><span>Stripes</span><input type="number" min="0" max="6" bind:value={me.stripes} /></label
      >
      <label class="field">
        <span>Weight in {me.units}</span>
        <input inputmode="decimal" bind:value={weight} aria-invalid={!!faults.weightKg} />
        {#if faults.weightKg}<span class="fault" role="alert">{faults.weightKg.join(' ')}</span>{/if}
      </label>
      <label class="field">
        <span>Units</span>
        <select value={me.units} onchange={(e) => units(e.currentTarget.value as Schemas['PractitionerDocument']['units'])}
          ><option value="kg">kilograms</option><option value="lb">pounds</option></select
        >
      </label>
      <label class="field">
        <span>Age division</span>
        <select bind:value={me.ageDivision}>
          <option value={undefined}>not said</option>
          {#each divisions as division (division)}<option value={division}>{plain(division)}</option>{/each}
        </select>
      </label>
    </div>
    {#if failed && !faults.weightKg}<p class="fault" role="alert">{failed}</p>{/if}
    <button class="do mt-4" type="submit">Keep</button>
  </form>
{:else if failed}
  <p class="fault" role="alert">{failed}</p>
{/if}
<section>
  <h2>Light or dark</h2>
  <div class="row" role="group" aria-label="Light or dark">
    {#each modes as [id, name] (id)}<button
        class="may pick"
        aria-pressed={mode.value === id}
        onclick={() => chooseMode(id)}>{name}</button
      >{/each}
  </div>
</section>
<section>
  <h2>Names</h2>
  <p>
    What things are called, and what your gym calls them: <a href="/names" use:link
      >names of positions and moves</a
    >.
  </p>
</section>
{#if about}
  <section>
    <h2>Your data</h2>
    <p>It lives on this machine only, in <code>{about.dataDirectory}</code>.</p>
    <div class="row">
      <a class="may" href="/api/export" download>Export as JSON</a>
      {#if about.demo}<button class="may" onclick={startOver}>Start the demo over</button>{/if}
    </div>
    <p class="quiet mt-3">Ash Notch {about.version}. Press ? for the keys.</p>
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
    color: var(--danger);
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    margin-top: 0.5rem;
  }
  code {
    overflow-wrap: anywhere;
    font-size: 0.9375rem;
    background: var(--wood);
    color: var(--ink);
  }
</style>
