<!-- Everything that was to be remembered, in one register: hazards first, then what came back most often. -->
<script lang="ts">
  import { link, push, router } from 'svelte-spa-router';
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { times } from '../base/words';
  import Combo from '../kit/Combo.svelte';
  import Failed from '../kit/Failed.svelte';
  import Waiting from '../kit/Waiting.svelte';
  import CostNav from '../parts/CostNav.svelte';
  import LessonRow from '../parts/LessonRow.svelte';
  import { need, terms } from '../parts/trade.svelte';

  need(terms);
  const kinds = $derived((terms.value?.lessonKinds ?? []).map(({ id, say }) => ({ value: id, label: say })));

  let find = $state('');
  let kind = $state<Schemas['LessonKind'] | ''>('');

  const exchange = $derived(Object.fromEntries(new URLSearchParams(router.querystring ?? '')));
  const query = $derived({ ...exchange, find: find.trim() || undefined, kind: kind || undefined });
  const asked = resource(() => got(api.GET('/api/lessons', { params: { query } })));
  const found = $derived(asked.value);
</script>

<svelte:head><title>Lessons · Ash Notch</title></svelte:head>

<h1>Lessons</h1>
<CostNav />
<Failed of={asked} />
{#if asked.waiting}<Waiting what="Leafing through" />{/if}
{#if found && found.all === 0}
  <p class="my-4 max-w-[44rem]">
    Nothing to remember yet. When you tell a roll, begin a line with one of these, and what follows is kept
    here and never counted as something that happened:
  </p>
  <ul class="examples">
    <li><strong>Takeaways:</strong> frame before I turn</li>
    <li><strong>Next time:</strong> both grips before I sit</li>
    <li><strong>Coach said:</strong> hips first, then the elbow</li>
    <li><strong>Taught:</strong> the knee cut with an underhook</li>
    <li><strong>Missed:</strong> should have taken the back there</li>
  </ul>
  <button class="do mt-3" onclick={() => push('/log')}>Log a roll</button>
{:else if found}
  <div class="narrowing">
    <label class="field"
      ><span class="sr-only">Find a lesson</span><input
        type="search"
        data-find
        placeholder="Find: a word, a move, who said it"
        bind:value={find}
      /></label
    >
    <Combo
      label="Kind"
      hideLabel
      value={kind}
      choices={kinds}
      none="of every kind"
      onchoose={(next) => (kind = next as typeof kind)}
    />
  </div>
  {#if found.about}
    <p>
      About: {found.about}. <a href="/weak-spots/lessons" use:link>Show all {found.all}</a>
    </p>
  {/if}
  <p class="quiet" aria-live="polite">
    {found.found === 0
      ? 'Nothing of that kind. Fewer words find more.'
      : times(found.found, 'lesson')}{found.found > found.lessons.length
      ? `; the first ${found.lessons.length} are shown`
      : ''}
  </p>
  <ul class="lessons">
    {#each found.lessons as lesson, i (i)}
      <li><LessonRow {lesson} advice={found.advice} /></li>
    {/each}
  </ul>
{/if}

<style>
  .narrowing {
    display: grid;
    grid-template-columns: minmax(0, 24rem) 12rem;
    gap: 0.75rem;
    align-items: end;
    margin-bottom: 0.75rem;
  }
  @media (max-width: 700px) {
    .narrowing {
      grid-template-columns: minmax(0, 1fr);
    }
  }
  .lessons {
    list-style: none;
    max-width: 52rem;
  }
  .lessons li {
    border-bottom: 1px solid var(--color-grain);
  }
  .examples {
    list-style: none;
    display: grid;
    gap: 0.375rem;
  }
</style>
