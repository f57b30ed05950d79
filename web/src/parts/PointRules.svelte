<!-- By which rules points are counted; the user's own table can be set. -->
<script lang="ts">
  import { api, got, Trouble, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { tell, tellTrouble } from '../kit/notices';

  type Rules = Schemas['Ruleset'];
  const fields = [
    ['takedown', 'Takedown'],
    ['takedownPastGuard', 'Takedown, past the legs'],
    ['sweep', 'Sweep'],
    ['sweepPastGuard', 'Sweep, past the legs'],
    ['pass', 'Pass'],
    ['kneeOnBelly', 'Knee on belly'],
    ['mount', 'Mount'],
    ['back', 'Back'],
    ['tap', 'Tap'],
  ] as const;

  let chosen = $state('');
  /** What points are counted by, once that is kept. */
  let inForce = $state('');
  let house = $state<Rules | undefined>();
  let faults = $state<Record<string, string[]>>({});
  const kept = resource(async () => {
    const settings = await got(api.GET('/api/settings'));
    chosen = inForce = settings.rules;
    house = settings.rulesets.find((r) => r.id === 'house');
    return settings;
  });
  const rules = $derived(kept.value?.rulesets.find((r) => r.id === inForce));

  async function keep(body: Schemas['SettingsAsked']) {
    faults = {};
    try {
      inForce = (await got(api.PUT('/api/settings', { body }))).rules;
      tell({ text: 'Kept.' });
    } catch (error) {
      if (error instanceof Trouble && Object.keys(error.fields).length > 0) faults = error.fields;
      else tellTrouble(error);
    }
  }
</script>

{#if kept.value}
  <section aria-labelledby="rules">
    <h2 id="rules">What points are counted by</h2>
    <label class="field choice"
      ><span class="sr-only">Rules</span><select bind:value={chosen} onchange={() => keep({ rules: chosen })}>
        {#each kept.value.rulesets as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
      </select></label
    >
    {#if chosen === 'house' && house}
      <form
        aria-label="House rules"
        onsubmit={(event) => {
          event.preventDefault();
          keep({ rules: 'house', house });
        }}
      >
        {#each fields as [field, say] (field)}
          <label class="field">
            <span>{say}</span>
            <input
              type="number"
              required
              bind:value={house[field]}
              aria-invalid={!!faults[`house.${field}`]}
            />
            {#if faults[`house.${field}`]}
              <span class="fault" role="alert">{faults[`house.${field}`]?.join(' ')}</span>
            {/if}
          </label>
        {/each}
        <button class="do" type="submit">Keep the table</button>
      </form>
    {:else if rules}
      <p class="quiet">
        {fields.map(([field, say]) => `${say} ${rules[field]}`).join(', ')}. Source: {rules.source}. What a
        tap counts beside points is our choice.
      </p>
    {/if}
  </section>
{/if}

<style>
  section {
    margin-top: 1.25rem;
    max-width: 48rem;
  }
  .choice {
    max-width: 22rem;
    margin-top: 0.375rem;
  }
  form {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
    gap: 0.875rem;
    align-items: end;
    margin-top: 0.75rem;
  }
  .fault {
    color: var(--color-danger);
  }
  p {
    margin-top: 0.5rem;
  }
</style>
