<!-- A lesson: what to remember, how often it came back, whether it was tried; its times one press deeper. -->
<script lang="ts">
  import { link } from 'svelte-spa-router';
  import type { Schemas } from '../api/client';
  import { day } from '../base/words';

  let { lesson, advice }: { lesson: Schemas['LessonView']; advice: string } = $props();

  const last = $derived(lesson.said[0]);
</script>

<article class:hazard={lesson.isHazard}>
  <div>
    {#if lesson.isHazard}<p class="warn">Hazard</p>{/if}
    <p class="text">{lesson.text}</p>
    <p class="quiet">
      {[lesson.say, lesson.by, lesson.about].filter(Boolean).join(' · ')}.
      {lesson.times}
      {lesson.tried ?? ''}
    </p>
    {#if lesson.isHazard}<p class="quiet">{advice}</p>{/if}
  </div>
  {#if lesson.said.length > 1}
    <details>
      <summary>When</summary>
      <ul>
        {#each lesson.said as said, i (i)}
          <li>
            {#if said.roll}<a href="/rack/{encodeURIComponent(said.roll)}" use:link>{day(said.date)}</a
              >{:else}{day(said.date)}{/if}{said.text === lesson.text ? '' : `: ${said.text}`}
          </li>
        {/each}
      </ul>
    </details>
  {:else if last?.roll}
    <p class="when"><a href="/rack/{encodeURIComponent(last.roll)}" use:link>{day(last.date)}</a></p>
  {:else}
    <p class="when quiet">{day(last?.date)}</p>
  {/if}
</article>

<style>
  article {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0 1rem;
    padding: 0.625rem 0;
  }
  .hazard {
    padding-left: 0.875rem;
    border-left: 4px solid var(--color-theirs);
  }
  .warn {
    font-weight: 700;
    color: var(--color-theirs);
  }
  .text {
    font-size: 1.0625rem;
    white-space: pre-line;
  }
  .when,
  .when a,
  summary {
    display: inline-flex;
    min-height: 44px;
    align-items: center;
    align-self: start;
    justify-self: end;
  }
  details {
    justify-self: end;
  }
  /* Its times stand under the whole of it. */
  details[open] {
    grid-column: 1 / -1;
    justify-self: stretch;
  }
  details li {
    display: flex;
    flex-wrap: wrap;
    gap: 0.25rem;
    min-height: 44px;
    align-items: center;
  }
  details a {
    display: inline-flex;
    min-height: 44px;
    align-items: center;
  }
</style>
