<script lang="ts">
  import { push } from 'svelte-spa-router';
  import { api, got } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { day, plain, times } from '../base/words';
  import Combo from '../kit/Combo.svelte';
  import Failed from '../kit/Failed.svelte';
  import { tellTrouble } from '../kit/notices';
  import Waiting from '../kit/Waiting.svelte';
  import RollRow from '../parts/RollRow.svelte';
  import Terms from '../parts/Terms.svelte';
  import { moveChoices, need, partnerChoices, placeChoices, vocabulary } from '../parts/trade.svelte';
  import Roll from '../roll/Roll.svelte';

  let { params }: { params?: { id?: string } } = $props();

  const page = 12;
  let partner = $state('');
  let attire = $state('');
  let move = $state('');
  const id = $derived(params?.id);
  const filtered = $derived(!!(partner || attire || move));

  need(vocabulary);
  const partners = resource(() => got(api.GET('/api/partners')));
  // Asked again, the rack is as far down as it was; with other filters it begins at the top.
  let shown = page;
  let last = '';
  const asked = resource(async () => {
    const filters = [partner, attire, move].join(' ');
    if (filters !== last) shown = page;
    last = filters;
    const query = { partner, attire, move, skip: 0, limit: shown };
    return got(api.GET('/api/rack', { params: { query } }));
  });
  const rack = $derived(asked.value);

  async function more() {
    if (!rack) return;
    const query = { partner, attire, move, skip: rack.sessions.length, limit: page };
    try {
      const next = await got(api.GET('/api/rack', { params: { query } }));
      asked.value = { ...next, sessions: [...rack.sessions, ...next.sessions] };
      shown = asked.value.sessions.length;
    } catch (error) {
      tellTrouble(error);
    }
  }
</script>

<svelte:head><title>Rack · Ash Notch</title></svelte:head>

<div class="both" class:open={id}>
  <div class="list">
    <h1>Rack</h1>
    <div class="filters" role="group" aria-label="Filters">
      <Combo
        label="Partner"
        value={partner}
        choices={partnerChoices(partners.value ?? [])}
        none="anyone"
        find
        onchoose={(chosen) => (partner = chosen)}
      />
      <Terms label="Attire" of="attires" none="both" bind:value={attire} />
      <Combo
        label="Move or place"
        value={move}
        choices={[...moveChoices(), ...placeChoices()]}
        none="any"
        onchoose={(chosen) => (move = chosen)}
      />
    </div>
    <Failed of={asked} />
    {#if asked.waiting}<Waiting what="Taking the sticks down" />{/if}
    {#if rack}
      {#if rack.sessions.length === 0}
        <p class="my-4">
          {filtered
            ? 'No roll fits these filters.'
            : 'No rolls yet. Each roll you log hangs here as a stick: your notches cut from the upper edge, theirs from the lower, the line between running high when you are on top.'}
        </p>
        {#if !filtered}<button class="do" onclick={() => push('/log')}>Log a roll</button>{/if}
      {:else}
        <p class="quiet">
          {times(rack.rolls, 'roll')}. Your notches are cut from the upper edge, theirs from the lower; the
          ring marks where it turned.
        </p>
      {/if}
      {#each rack.sessions as session (session.id)}
        <section>
          <h2>
            {day(session.date)} <span class="quiet">{plain(session.kind)} {plain(session.attire)}</span>
          </h2>
          {#if session.notes}<p class="quiet">{session.notes}</p>{/if}
          {#each session.rolls as row (row.id)}<RollRow {row} chosen={row.id === id} />{/each}
        </section>
      {/each}
      {#if rack.more > 0}
        <button class="may mt-4" onclick={more}
          >Show {times(Math.min(page, rack.more), 'more session')}</button
        >
      {/if}
    {/if}
  </div>
  {#if id}
    <div class="one">
      {#key id}<Roll {id} onchange={asked.load} />{/key}
    </div>
  {/if}
</div>

<style>
  .both.open {
    display: grid;
    grid-template-columns: minmax(0, 5fr) minmax(0, 7fr);
    gap: 2rem;
  }
  .one {
    position: sticky;
    top: 70px;
    align-self: start;
    max-height: calc(100vh - 84px);
    overflow-y: auto;
    padding: 2px 0.25rem 1rem 2px;
  }
  .filters {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 14rem));
    gap: 0.625rem;
    margin: 0.75rem 0;
  }
  section {
    margin-top: 1.25rem;
  }
  h2 .quiet {
    font-weight: 400;
    font-size: 1rem;
    font-family: var(--typo-base--font-family);
  }
  @media (max-width: 900px) {
    .both.open {
      display: block;
    }
    .both.open .list {
      display: none;
    }
    .one {
      position: static;
      max-height: none;
    }
  }
</style>
