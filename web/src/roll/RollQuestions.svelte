<!-- What a kept roll still leaves open, each answered by one press or waved off. -->
<script lang="ts">
  import type { Schemas } from '../api/client';
  import type { OpenRoll } from './open-roll.svelte';

  let { open, questions }: { open: OpenRoll; questions: Schemas['KeptQuestion'][] } = $props();
</script>

{#if questions.length > 0}
  <section aria-label="Still open">
    <h3>Still open</h3>
    {#each questions as question (`${question.exchange}|${question.notch}`)}
      <p>
        <span>{question.ask}</span>
        {#each question.answers as answer (answer.say)}
          <button class="may" onclick={() => open.answer(question, answer.notch)}>{answer.say}</button>
        {/each}
        {#if question.mayWait}
          <button class="may" onclick={() => open.waveOff(question)}>Leave it so</button>
        {/if}
      </p>
    {/each}
  </section>
{/if}

<style>
  section {
    border-left: 3px dashed var(--color-edge);
    padding-left: 0.875rem;
    margin: 0.875rem 0;
  }
  p {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.375rem 0.5rem;
    padding: 0.25rem 0;
  }
  span {
    flex: 1 1 14rem;
  }
</style>
