<!-- Who is likely at the next class, and what to keep in mind of each. -->
<script lang="ts">
  import { link } from 'svelte-spa-router';
  import { api, got } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { day, today } from '../base/words';
  import Heeds from './Heeds.svelte';

  let { on = undefined }: { on?: string } = $props();

  const asked = resource(() => got(api.GET('/api/before-class', { params: { query: { on } } })));
  const now = $derived(asked.value);
  let all = $state(false);
  const few = 3;
  const shown = $derived(all ? (now?.people ?? []) : (now?.people ?? []).slice(0, few));
</script>

{#if now?.day && now.people.length > 0}
  <section aria-labelledby="before">
    <h2 id="before">
      Before class <span class="quiet"
        >{now.day === today() ? 'today' : day(now.day)}: who is likely there</span
      >
    </h2>
    <div class="people">
      {#each shown as person (person.id)}
        <div class="person">
          <h3>
            <a href="/partners/{encodeURIComponent(person.id)}" use:link>{person.name}</a>
            <span class="quiet">{person.likely}</span>
          </h3>
          {#if person.heeds.length > 0}<Heeds heeds={person.heeds} />{:else}<p class="quiet">
              Nothing yet that is theirs.
            </p>{/if}
          {#if person.owed.length > 0}<p>You owe them: {person.owed.join('; ')}.</p>{/if}
        </div>
      {/each}
    </div>
    {#if now.people.length > few}
      <button class="may mt-2" aria-expanded={all} onclick={() => (all = !all)}
        >{all ? 'Fewer' : `And ${now.people.length - few} more`}</button
      >
    {/if}
  </section>
{/if}

<style>
  section {
    margin-block: 1rem 1.75rem;
  }
  .people {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(100%, 21rem), 1fr));
    gap: 0.5rem 2rem;
    margin-top: 0.375rem;
  }
  .person {
    border-top: 1px solid var(--color-grain);
    padding: 0.25rem 0 0.5rem;
  }
  h3 a {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
    min-width: 44px;
    text-decoration: underline;
    text-underline-offset: 3px;
  }
  h2 .quiet,
  h3 .quiet {
    font-weight: 400;
    font-size: 1rem;
    font-family: var(--typo-base--font-family);
  }
</style>
