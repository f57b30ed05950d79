<!-- What was to be remembered about one exchange: the first few, and the way to the register. -->
<script lang="ts">
  import { link } from 'svelte-spa-router';
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';

  const shown = 3;
  let { way }: { way: Schemas['Way'] } = $props();

  const query = $derived({
    from: way.from,
    by: way.by,
    ...(way.move ? { move: way.move } : {}),
    ...(way.to ? { to: way.to } : {}),
  });
  const asked = resource(() => got(api.GET('/api/lessons', { params: { query } })));
  const found = $derived(asked.value);
</script>

{#if found && found.found > 0}
  <h3>What you wanted to remember</h3>
  <ul>
    {#each found.lessons.slice(0, shown) as lesson, i (i)}
      <li>
        {#if lesson.isHazard}<strong>Hazard:</strong>{/if}
        {lesson.text}
        <span class="quiet"
          >{[lesson.say, lesson.by].filter(Boolean).join(', ')}. {lesson.tried ??
            (lesson.said.length > 1 ? lesson.times : '')}</span
        >
      </li>
    {/each}
  </ul>
  <a
    class="inline-flex min-h-[44px] items-center"
    href="/weak-spots/lessons?{new URLSearchParams(query)}"
    use:link>{found.found > shown ? `All ${found.found} lessons` : 'In the register'}</a
  >
{/if}

<style>
  h3 {
    margin: 1.25rem 0 0.25rem;
  }
  ul {
    list-style: none;
    display: grid;
    gap: 0.375rem;
  }
</style>
