<!-- The roll as a referee would have scored it: how it stands, each line with its reason, and what would change who is ahead. -->
<script lang="ts">
  import { api, got } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import Failed from '../kit/Failed.svelte';
  import Waiting from '../kit/Waiting.svelte';

  let {
    id,
    version,
    onchoose,
  }: {
    id: string;
    /** Another form of the roll is scored anew. */
    version: number;
    onchoose: (at: { exchange: number; notch: number }) => void;
  } = $props();

  let rules = $state('');
  const asked = resource(() => {
    void version;
    return got(
      api.GET('/api/rolls/{id}/ledger', { params: { path: { id }, query: { rules: rules || undefined } } }),
    );
  });
  const ledger = $derived(asked.value);
</script>

<Failed of={asked} />
{#if asked.waiting && !ledger}<Waiting what="Keeping score" />{/if}
{#if ledger}
  <label>
    By
    <select value={ledger.rules} onchange={(event) => (rules = event.currentTarget.value)}>
      {#each ledger.others as other (other.id)}<option value={other.id}>{other.name}</option>{/each}
    </select>
  </label>
  <p class="standing">{ledger.say}</p>
  {#if ledger.ifNotHeld}<p class="quiet">{ledger.ifNotHeld}</p>{/if}
  <ol>
    {#each ledger.lines as line, i (i)}
      <li class={line.by}>
        <span class="figure">{line.gained}</span>
        <span>
          <strong>{line.by === 'me' ? 'You' : 'They'}: {line.for}</strong>{line.at ? ` at ${line.at}` : ''}.
          {line.why}
        </span>
        {#if line.notch != null}
          {@const at = { exchange: line.exchange, notch: line.notch }}
          <button class="where" onclick={() => onchoose(at)}>Where</button>
        {/if}
      </li>
    {:else}
      <li class="quiet">Nothing in it scores.</li>
    {/each}
  </ol>
  {#each ledger.faults as fault (fault)}<p class="fault">{fault}</p>{/each}
  {#each ledger.flips as flip (flip)}<p>{flip}</p>{/each}
  <p class="quiet text-[0.9375rem]">
    As it would stand; a training roll has no referee. Source: {ledger.source}.
  </p>
{/if}

<style>
  label {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem;
  }
  .standing {
    font-family: var(--typo-heading--font-family);
    font-size: 1.375rem;
    font-weight: 650;
    margin-top: 0.75rem;
  }
  ol {
    margin: 0.75rem 0;
    padding: 0;
    list-style: none;
  }
  li {
    display: grid;
    grid-template-columns: 7.5rem minmax(0, 1fr) auto;
    align-items: center;
    gap: 0.75rem;
    padding: 0.5rem 0 0.5rem 0.75rem;
    border-bottom: 1px solid var(--color-grain);
  }
  li.me {
    border-left: 4px solid var(--color-mine);
  }
  li.partner {
    border-left: 4px solid var(--color-theirs);
  }
  @media (max-width: 700px) {
    li {
      grid-template-columns: minmax(0, 1fr);
      gap: 0;
    }
  }
  .figure {
    font-variant-numeric: tabular-nums;
    font-weight: 650;
  }
  .where {
    min-height: 2.75rem;
    justify-self: start;
    text-decoration: underline;
  }
</style>
