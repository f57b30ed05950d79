<!-- What could be worked on: up to three sets with what they would bring, and why others fell behind. -->
<script lang="ts">
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import Failed from '../kit/Failed.svelte';
  import { tell, tellTrouble } from '../kit/notices';
  import Segments from '../kit/Segments.svelte';
  import Waiting from '../kit/Waiting.svelte';

  let {
    plan,
    onbegun,
  }: {
    /** What they rest on; what is shown stays in its place until those for another week are there. */
    plan: Schemas['PlanView'];
    onbegun: () => void;
  } = $props();

  const asked = resource(() => {
    void plan;
    return got(api.GET('/api/plan/proposal'));
  });
  const proposal = $derived(asked.value);
  let set = $state('0');
  let weeks = $state('3');
  let reason = $state('');
  let busy = $state(false);

  const lengths = ['2', '3', '4', '6'].map((n) => ({ id: n, say: `${n} weeks` }));
  const sets = $derived(
    (proposal?.sets ?? []).map((one, i) => ({ id: String(i), one, title: titles[i] ?? 'Another' })),
  );
  const titles = ['Brings most', 'Another first', 'The other side'];

  async function begin() {
    busy = true;
    try {
      await got(
        api.POST('/api/plan/blocks', {
          body: {
            set: Number(set),
            weeks: Number(weeks),
            reason: set === '0' ? undefined : reason || undefined,
          },
        }),
      );
      tell({ text: 'The block is laid out.' });
      onbegun();
    } catch (error) {
      tellTrouble(error);
    } finally {
      busy = false;
    }
  }
</script>

<Failed of={asked} />
{#if asked.waiting}<Waiting what="Choosing" />{/if}
{#if proposal?.none}<p class="lead">{proposal.none}</p>{/if}
{#if proposal?.by}<p class="quiet">{proposal.by}</p>{/if}
{#if sets.length > 0}
  <fieldset>
    <legend class="sr-only">What to work on</legend>
    {#each sets as { id, one, title } (id)}
      <label class="plank" class:chosen={set === id}>
        <input type="radio" name="set" value={id} bind:group={set} />
        <span class="title">{title}</span>
        <ol>
          {#each one.focuses as focus, i (focus.say)}
            <li>
              <span class:main={i === 0}>{focus.say}</span>
              <span class="quiet">{focus.why} {focus.perHour?.say ?? ''}</span>
            </li>
          {/each}
        </ol>
        <span>{one.why}</span>
      </label>
    {/each}
  </fieldset>
  {#if set !== '0'}
    <label class="field"
      ><span>Why this one and not the first? (if you like)</span><input
        bind:value={reason}
        maxlength="300"
      /></label
    >
  {/if}
  <div class="narrowing">
    <Segments label="How long" value={weeks} choices={lengths} onchoose={(next) => (weeks = next)} />
    <button class="do" disabled={busy} onclick={begin}>Begin this block</button>
  </div>
{/if}
{#if proposal && proposal.behind.length > 0}
  <details>
    <summary>Why others fell behind</summary>
    <ul>
      {#each proposal.behind as one (one.say)}<li><strong>{one.say}.</strong> {one.why}</li>{/each}
    </ul>
  </details>
{/if}

<style>
  fieldset {
    display: grid;
    gap: 0.75rem;
    margin: 0.75rem 0;
  }
  label.plank {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
    gap: 0.25rem 0.75rem;
    padding: 0.75rem 1rem;
    cursor: pointer;
  }
  label.plank > :not(input, .title) {
    grid-column: 2;
  }
  .chosen {
    box-shadow: inset 5px 0 0 var(--color-ink);
  }
  .title {
    color: var(--color-quiet);
  }
  input[type='radio'] {
    width: 1.25rem;
    height: 1.25rem;
    accent-color: var(--color-ink);
    margin-top: 0.125rem;
  }
  ol {
    display: grid;
    gap: 0.25rem;
    list-style: none;
  }
  li > span {
    display: block;
  }
  .main {
    font-family: var(--typo-heading--font-family);
    font-size: 1.1875rem;
    font-weight: 650;
    line-height: 1.25;
  }
  ul {
    list-style: none;
    display: grid;
    gap: 0.375rem;
  }
  .lead {
    font-family: var(--typo-heading--font-family);
    font-size: 1.1875rem;
    font-weight: 650;
  }
</style>
