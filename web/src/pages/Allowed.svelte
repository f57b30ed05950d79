<!-- What rules let one do, by belt, age and what is worn. -->
<script lang="ts">
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { times } from '../base/words';
  import Failed from '../kit/Failed.svelte';
  import Waiting from '../kit/Waiting.svelte';
  import MatchNav from '../matches/MatchNav.svelte';
  import Terms from '../parts/Terms.svelte';

  let rules = $state('');
  let belt = $state<Schemas['Belt'] | ''>('');
  let age = $state<Schemas['AgeDivision'] | ''>('');
  let attire = $state<Schemas['Attire'] | ''>('');
  const query = $derived({
    rules: rules || undefined,
    belt: belt || undefined,
    age: age || undefined,
    attire: attire || undefined,
  });
  const asked = resource(() => got(api.GET('/api/allowed', { params: { query } })));
  const rulesets = resource(() => got(api.GET('/api/rulesets')));
  const now = $derived(asked.value);
  const groups = $derived(
    (['barred', 'allowed'] as const).map((standing) => ({
      standing,
      moves: (now?.moves ?? []).filter((m) => m.standing === standing),
    })),
  );
</script>

<svelte:head><title>Allowed for me · Ash Notch</title></svelte:head>

<h1>Allowed for me</h1>
<MatchNav />
<Failed of={asked} />
{#if asked.waiting}<Waiting what="Looking the rules up" />{/if}
<div class="filters">
  <label class="field"
    ><span>Rules</span><select bind:value={rules}>
      <option value="">the federation's</option>
      {#each rulesets.value ?? [] as one (one.rules.id)}<option value={one.rules.id}>{one.rules.name}</option
        >{/each}
    </select></label
  >
  <Terms label="Belt" of="belts" none="mine" bind:value={belt} />
  <Terms label="Age division" of="divisions" none="mine" bind:value={age} />
  <Terms label="Attire" of="attires" none="as the rules have it" bind:value={attire} />
</div>
{#if now}
  <p class="quiet">
    {now.name}, {now.belt} belt, {now.age.replaceAll('-', ' ')}{now.attire ? `, ${now.attire}` : ''}. Source: {now.source}.
    The gym's and the event's own rules prevail.
  </p>
  {#each groups as group (group.standing)}
    {#if group.moves.length > 0}
      <h2 class="mt-4">{group.standing === 'barred' ? 'Barred for you' : 'Allowed for you'}</h2>
      <ul>
        {#each group.moves as move (move.id)}
          <li class={group.standing}>
            <strong>{move.name}</strong>
            <span>{move.why}.</span>
            {#if move.caution}<span class="quiet">{move.caution}</span>{/if}
          </li>
        {/each}
      </ul>
    {/if}
  {/each}
  <p class="mt-4">
    Of {times(now.notKnown, 'other move')} these rules as known here say nothing: not known, which is not allowed.
  </p>
{/if}

<style>
  .filters {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(10rem, 1fr));
    gap: 0.875rem;
    margin: 0.75rem 0;
  }
  li {
    display: grid;
    gap: 0.125rem;
    padding: 0.5rem 0 0.5rem 0.75rem;
    border-bottom: 1px solid var(--color-grain);
    border-left: 4px solid var(--color-grain);
  }
  li.barred {
    border-left: 4px dashed var(--color-danger);
  }
  strong::first-letter,
  li span::first-letter {
    text-transform: uppercase;
  }
</style>
