<!-- By which rules points are counted; and what is made of a lead. -->
<script lang="ts">
  import { link } from 'svelte-spa-router';
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { tell, tellTrouble } from '../kit/notices';
  import Terms from './Terms.svelte';

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
  let lead = $state<Schemas['LeadSchool']>('both');
  /** What points are counted by, once that is kept. */
  let inForce = $state('');
  const kept = resource(async () => {
    const settings = await got(api.GET('/api/settings'));
    chosen = inForce = settings.rules;
    lead = settings.lead;
    return settings;
  });
  const rules = $derived(kept.value?.rulesets.find((r) => r.id === inForce));

  async function keep(body: Schemas['SettingsAsked']) {
    try {
      inForce = (await got(api.PUT('/api/settings', { body }))).rules;
      tell({ text: 'Kept.' });
    } catch (error) {
      tellTrouble(error);
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
    {#if rules}
      <p class="quiet">
        {fields.map(([field, say]) => `${say} ${rules[field]}`).join(', ')}. Source: {rules.source}. What a
        tap counts beside points is our choice.
      </p>
    {/if}
    <p><a href="/matches/rules" use:link>Every value, and rules of your own</a></p>
    <div class="choice">
      <Terms label="With a lead" of="leads" bind:value={lead} onchoose={(next) => keep({ lead: next })} />
    </div>
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
  p {
    margin-top: 0.5rem;
  }
</style>
