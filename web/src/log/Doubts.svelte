<!-- What is doubtful, one short question after the other, each answered by one press. -->
<script lang="ts">
  import type { Schemas } from '../api/client';

  let {
    questions,
    starts,
    onanswer,
    oncut,
    plain = false,
  }: {
    questions: Schemas['QuestionView'][];
    /** Where a roll begins, or might. */
    starts: Schemas['RollStart'][];
    onanswer: (question: Schemas['QuestionView'], answer: Schemas['AnswerView']) => void;
    oncut: (start: Schemas['RollStart'], begins: boolean) => void;
    /** Without what hangs on it, where there is little room. */
    plain?: boolean;
  } = $props();

  const doubted = $derived(starts.filter((start) => start.isUnsure));

  let list = $state<HTMLElement>();

  /** Moves to the next doubt from wherever the keyboard is. */
  export function next() {
    const firsts = [...(list?.querySelectorAll<HTMLElement>('li button:first-of-type') ?? [])];
    const here = firsts.findIndex((b) => b.closest('li')?.contains(document.activeElement));
    firsts[(here + 1) % firsts.length]?.focus();
  }
</script>

{#if questions.length + doubted.length > 0}
  <section aria-label={plain ? 'Asked first' : 'Not sure'} class:plain>
    <ol bind:this={list}>
      {#each doubted as start (`${start.words}|${start.occurrence}`)}
        <li>
          <span class="ask">A new roll? <em>“{start.words} …”</em></span>
          <span class="answers">
            <button class="may" onclick={() => oncut(start, start.begins)}
              >{start.begins ? 'Yes' : 'No'}</button
            >
            <button class="may" onclick={() => oncut(start, !start.begins)}
              >{start.begins ? 'No' : 'Yes'}</button
            >
          </span>
        </li>
      {/each}
      {#each questions as question (`${question.words}|${question.occurrence}`)}
        <li>
          <span class="ask"
            >{question.ask}
            {#if !plain}<em>“{question.words}”</em> <small>{question.hangs}</small>{/if}</span
          >
          <span class="answers">
            {#each question.answers as answer (answer.say)}
              <button class="may" onclick={() => onanswer(question, answer)}>{answer.say}</button>
            {/each}
          </span>
        </li>
      {/each}
    </ol>
  </section>
{/if}

<style>
  section {
    border-left: 3px dashed var(--color-edge);
    padding-left: 0.875rem;
    margin: 1rem 0;
  }
  section.plain {
    margin: 0 0 0.25rem;
  }
  .plain .ask {
    flex-basis: 9rem;
  }
  .plain li {
    padding: 0;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem 1rem;
    align-items: center;
    padding: 0.375rem 0;
  }
  .ask {
    flex: 1 1 16rem;
  }
  em,
  small {
    color: var(--color-quiet);
  }
  small {
    display: block;
    font-size: 0.875rem;
  }
  .answers {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
  }
</style>
