<!-- How a roll was told. The words can be changed and read anew; what that would change is shown before anything is. -->
<script lang="ts">
  import { api, got, type Schemas } from '../api/client';
  import { tell, tellTrouble } from '../kit/notices';
  import Stick from '../stick/Stick.svelte';
  import type { OpenRoll } from './open-roll.svelte';

  let { open, view }: { open: OpenRoll; view: Schemas['RollView'] } = $props();

  let words = $state<string | null>(null);
  let reread = $state.raw<Schemas['RereadView'] | null>(null);
  const changed = $derived(reread?.steps.filter((s) => s.change !== 'same') ?? []);
  const stays = $derived(reread?.steps.filter((s) => s.byHand) ?? []);
  const marks = { same: '', new: 'comes in', gone: 'goes' } as const;

  async function read(event: SubmitEvent) {
    event.preventDefault();
    try {
      reread = await got(
        api.POST('/api/rolls/{id}/reread', {
          params: { path: { id: open.id } },
          body: { text: words ?? '' },
        }),
      );
    } catch (error) {
      tellTrouble(error);
    }
  }

  async function keep() {
    if (!reread) return;
    if (await open.keep(reread.roll)) {
      words = reread = null;
      tell({ text: 'Kept as read now. How it was stands under Earlier forms.' });
    } else {
      // What would change is another thing now.
      if (open.changedElsewhere) reread = null;
      tell({ text: open.failed, trouble: true });
    }
  }
</script>

{#if words === null}
  {#if view.roll.retelling}<p class="whitespace-pre-wrap">{view.roll.retelling}</p>
  {:else}<p class="quiet">Nothing was written; the notches were put in by hand.</p>{/if}
  <button class="may mt-3" onclick={() => (words = view.roll.retelling ?? '')}>Change the words</button>
  {#if view.roll.notes}
    <h3 class="mt-3.5">Notes</h3>
    <p class="whitespace-pre-wrap">{view.roll.notes}</p>
  {/if}
{:else}
  <form onsubmit={read}>
    <label class="field"
      ><span>The words, as they should be</span>
      <textarea rows="6" bind:value={words} oninput={() => (reread = null)}></textarea></label
    >
    {#if !reread}
      <div class="presses">
        <button class="do" type="submit" disabled={!words.trim()}>Read it anew</button>
        <button class="may" type="button" onclick={() => (words = null)}>Leave it as it was</button>
      </div>
    {/if}
  </form>
  {#if reread}
    <section aria-label="What would change">
      <h3>{changed.length === 0 ? 'No notch would change' : 'This would change'}</h3>
      <Stick stick={reread.stick} size="row" label="As it would be" />
      {#if reread.rolls > 1}
        <p class="quiet">
          It sounds like {reread.rolls} rolls. Here it stays one; split it afterwards where the next begins.
        </p>
      {/if}
      {#if stays.length > 0}
        <p class="quiet">
          What you put right by hand stays: {stays.length} of {reread.steps.length} notches.
        </p>
      {/if}
      <ol>
        {#each reread.steps as step, i (i)}
          <li class={step.change}>
            <span class="mark">{step.byHand ? 'yours' : marks[step.change]}</span>
            <span>{step.words}</span>
          </li>
        {/each}
      </ol>
      <div class="presses">
        <button class="do" onclick={keep}>Keep it so</button>
        <button class="may" onclick={() => (reread = null)}>Write on</button>
        <button class="may" onclick={() => (words = reread = null)}>Leave it as it was</button>
      </div>
    </section>
  {/if}
{/if}

<style>
  textarea {
    min-height: 8rem;
    field-sizing: content;
  }
  .presses {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    margin: 0.75rem 0;
  }
  section {
    margin-top: 0.75rem;
    border-left: 3px solid var(--color-ink);
    padding-left: 0.875rem;
  }
  li {
    display: grid;
    grid-template-columns: 4.75rem minmax(0, 1fr);
    padding: 0.25rem 0;
    border-bottom: 1px solid var(--color-grain);
  }
  .mark {
    color: var(--color-quiet);
    font-size: 0.9375rem;
  }
  .new span {
    font-weight: 650;
  }
  .gone span:last-child {
    text-decoration: line-through;
    color: var(--color-quiet);
  }
</style>
