<!-- One move, and all that was counted of it. -->
<script lang="ts">
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { times } from '../base/words';
  import Failed from '../kit/Failed.svelte';
  import { tellTrouble } from '../kit/notices';
  import Waiting from '../kit/Waiting.svelte';
  import RollRow from './RollRow.svelte';

  let { id, by, day }: { id: string; by: 'me' | 'partner'; day: (iso: string) => string } = $props();

  const asked = resource(() => got(api.GET('/api/moves/{id}', { params: { path: { id }, query: { by } } })));
  const sheet = $derived(asked.value);
  const newest = 12;
  const sticks = resource(async () => {
    const ids = (sheet?.rolls ?? []).slice(0, newest);
    return ids.length === 0 ? [] : got(api.GET('/api/rolls', { params: { query: { id: ids } } }));
  });
  let behind = $state.raw<Record<string, Schemas['RollRow'][]>>({});
  async function show(pair: Schemas['PairView']) {
    if (behind[pair.move]) return;
    try {
      const rows = await got(api.GET('/api/rolls', { params: { query: { id: pair.rolls } } }));
      behind = { ...behind, [pair.move]: rows };
    } catch (error) {
      tellTrouble(error);
    }
  }
  const parts = $derived(
    (
      [
        ['From where', sheet?.from],
        ['By side', sheet?.sides],
        ['With whom', sheet?.partners],
      ] as [string, Schemas['Where'][] | undefined][]
    ).filter(([, list]) => list && list.length > 0),
  );
  const shown = 6;
</script>

<section class="plank" aria-labelledby="sheet">
  <Failed of={asked} />
  {#if asked.waiting && !sheet}<Waiting what="Counting" />{/if}
  {#if sheet}
    <h2 id="sheet">{sheet.name}</h2>
    {#each sheet.says as said (said)}<p>{said}</p>{/each}
    {#if sheet.opens.length > 0}
      <h3>What it opens</h3>
      {#each sheet.opens as pair (pair.move)}
        <p>{pair.say}</p>
        <details ontoggle={(event) => event.currentTarget.open && void show(pair)}>
          <summary>The rolls behind it</summary>
          {#each behind[pair.move] ?? [] as row (row.id)}<RollRow {row} dated />{/each}
        </details>
      {/each}
      <p class="quiet">
        The ranking credits the last move alone; what a set-up like this is worth does not show there.
      </p>
    {/if}
    {#each sheet.habits as habit (habit)}<p>{habit}</p>{/each}
    <div class="parts">
      {#each parts as [name, list] (name)}
        <table>
          <caption>{name}</caption>
          <tbody>
            {#each (list ?? []).slice(0, shown) as row (row.key)}
              <tr><th scope="row">{row.name}</th><td>{row.landed} of {row.tried}</td></tr>
            {/each}
            {#if (list?.length ?? 0) > shown}
              <tr
                ><th scope="row" class="quiet">{times((list?.length ?? 0) - shown, 'other')}</th><td></td></tr
              >
            {/if}
          </tbody>
        </table>
      {/each}
    </div>
    {#if sheet.firstTried}
      <p class="quiet">
        First tried {day(sheet.firstTried)}{sheet.firstLanded
          ? `, first came off ${day(sheet.firstLanded)}`
          : ''}.
      </p>
    {/if}
    {#if sheet.allowed}<p class="barred">{sheet.allowed}</p>{/if}
    {#if sheet.caution}<p class="quiet">{sheet.caution}</p>{/if}
    <h3>The rolls{sheet.rolls.length > newest ? `, the newest ${newest}` : ''}</h3>
    {#each sticks.value ?? [] as row (row.id)}<RollRow {row} dated />{/each}
  {/if}
</section>

<style>
  section {
    padding: 1rem 1.25rem;
  }
  h2::first-letter,
  th::first-letter {
    text-transform: uppercase;
  }
  h3 {
    margin-top: 0.875rem;
    font-size: 1.0625rem;
  }
  .parts {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(13rem, 1fr));
    gap: 0.75rem 1.5rem;
    margin: 0.875rem 0;
  }
  caption {
    text-align: left;
    font-weight: 650;
  }
  table {
    width: 100%;
    align-self: start;
  }
  th {
    text-align: left;
    font-weight: 400;
  }
  td {
    text-align: right;
    white-space: nowrap;
    font-variant-numeric: tabular-nums;
  }
  th,
  td {
    padding: 0.1875rem 0;
    border-bottom: 1px solid var(--color-grain);
  }
  .barred {
    border-left: 4px dashed var(--color-danger);
    padding-left: 0.625rem;
  }
  section :global(.row) {
    grid-template-columns: 6.5rem minmax(0, 1fr);
  }
  section :global(.row .taps) {
    display: none;
  }
</style>
