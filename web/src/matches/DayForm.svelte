<!-- A match day: where and when, the division, the rules. -->
<script lang="ts">
  import { api, got, Trouble, type Schemas } from '../api/client';
  import { kilograms, shown } from '../base/words';
  import DayField from '../kit/DayField.svelte';
  import Terms from '../parts/Terms.svelte';

  let {
    day,
    version,
    classes,
    rules,
    unit,
    onkept,
    oncancel,
  }: {
    day: Schemas['MatchDayDocument'];
    /** The form of it that is changed; left out for a new one. */
    version?: string;
    classes: Schemas['WeightClassView'][];
    rules: Schemas['Choice'][];
    unit: string | null | undefined;
    onkept: (kept: Schemas['MatchDayView']) => void;
    oncancel: () => void;
  } = $props();

  // svelte-ignore state_referenced_locally
  let edited = $state({ ...day, name: day.name ?? '', date: day.date ?? '', rules: day.rules ?? '' });
  // svelte-ignore state_referenced_locally
  let weight = $state(shown(day.weightKg, unit));
  let faults = $state<Record<string, string[]>>({});
  let failed = $state('');

  const limits = $derived(
    classes.find((c) => c.category === edited.category && c.attire === (edited.attire || 'gi'))?.limits ?? [],
  );
  const none = 'none';
  const weightClass = $derived(edited.noLimit ? none : String(edited.classKg ?? ''));

  function choose(chosen: string) {
    edited.noLimit = chosen === none || undefined;
    edited.classKg = chosen === '' || chosen === none ? undefined : Number(chosen);
  }

  async function save(event: SubmitEvent) {
    event.preventDefault();
    faults = {};
    failed = '';
    const weightKg = kilograms(weight, unit);
    if (Number.isNaN(weightKg)) {
      faults = { weightKg: ['is not a number; write it as 74.5, or leave it empty.'] };
      return;
    }
    const id = day.id ?? crypto.randomUUID();
    const body = {
      ...edited,
      id,
      rules: edited.rules || undefined,
      attire: edited.attire || undefined,
      belt: edited.belt || undefined,
      ageDivision: edited.ageDivision || undefined,
      category: edited.category || undefined,
      minutes: edited.minutes ?? undefined,
      notes: edited.notes || undefined,
      weightKg,
    };
    try {
      onkept(await got(api.PUT('/api/matches/{id}', { params: { path: { id }, query: { version } }, body })));
    } catch (error) {
      failed = (error as Error).message;
      if (error instanceof Trouble) faults = error.fields;
    }
  }
</script>

<form class="plank" aria-label="Match day" onsubmit={save}>
  <div class="grid">
    <label class="field wide"
      ><span>What it is called</span><input
        bind:value={edited.name}
        maxlength="120"
        placeholder="Autumn open"
        aria-invalid={!!faults.name}
      />
      {#if faults.name}<span class="fault" role="alert">{faults.name.join(' ')}</span>{/if}</label
    >
    <div>
      <DayField
        label="Day"
        value={edited.date}
        invalid={!!faults.date}
        onchange={(date) => (edited.date = date)}
      />
      {#if faults.date}<span class="fault" role="alert">{faults.date.join(' ')}</span>{/if}
    </div>
    <label class="field"
      ><span>Rules</span><select bind:value={edited.rules}>
        <option value="">the federation's</option>
        {#each rules as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
      </select></label
    >
    <Terms label="Attire" of="attires" none="not said" bind:value={edited.attire} />
    <Terms label="Belt" of="belts" none="not said" bind:value={edited.belt} />
    <Terms label="Age division" of="divisions" none="not said" bind:value={edited.ageDivision} />
    <Terms label="Category" of="categories" none="not said" bind:value={edited.category} />
    <label class="field"
      ><span>Weight class</span><select
        value={weightClass}
        onchange={(event) => choose(event.currentTarget.value)}
      >
        <option value="">not said</option>
        {#each limits as limit (limit.kg)}<option value={String(limit.kg)}>to {limit.say}</option>{/each}
        {#if edited.classKg && !limits.some((l) => l.kg === edited.classKg)}
          <option value={String(edited.classKg)}>to {edited.classKg} kg</option>
        {/if}
        <option value={none}>no limit</option>
      </select></label
    >
    <label class="field"
      ><span>I weigh, in {unit ?? 'kg'}</span><input
        inputmode="decimal"
        bind:value={weight}
        aria-invalid={!!faults.weightKg}
      />
      {#if faults.weightKg}<span class="fault" role="alert">{faults.weightKg.join(' ')}</span>{/if}</label
    >
    <label class="field"
      ><span>Minutes</span><input
        type="number"
        min="1"
        max="180"
        step="0.5"
        bind:value={edited.minutes}
        placeholder="by the rules"
      /></label
    >
    <label class="field whole"
      ><span>Notes</span><textarea rows="2" bind:value={edited.notes}></textarea></label
    >
  </div>
  {#if limits.length === 0 && edited.category !== 'men' && edited.category !== 'women'}
    <p class="quiet">Choose a category, men or women, to see its weight classes.</p>
  {:else if limits.length > 0}
    <p class="quiet">Classes from memory of the IBJJF rule book; the event's own list prevails.</p>
  {/if}
  {#if failed && Object.keys(faults).length === 0}<p class="fault" role="alert">{failed}</p>{/if}
  <div class="mt-4 flex flex-wrap gap-2">
    <button class="do" type="submit">Keep</button>
    <button class="may" type="button" onclick={oncancel}>Leave it</button>
  </div>
</form>

<style>
  form {
    padding: 1rem 1.25rem;
    margin-top: 1rem;
  }
  .grid {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(10rem, 1fr));
    gap: 0.875rem;
  }
  .wide {
    grid-column: span 2;
  }
  .whole {
    grid-column: 1 / -1;
  }
  p {
    margin-top: 0.5rem;
  }
</style>
