<script lang="ts">
  import { push } from 'svelte-spa-router';
  import { api, got, type Schemas } from '../api/client';
  import { needVocabulary, vocabulary } from '../parts/vocabulary.svelte';
  import RollRow from '../parts/RollRow.svelte';
  import { attire, day, plain, times } from '../words';
  import Roll from './Roll.svelte';

  let { params }: { params?: { id?: string } } = $props();

  let rack = $state<Schemas['Rack'] | null>(null);
  let partners = $state<Schemas['PartnerView'][]>([]);
  let partner = $state('');
  let dressed = $state('');
  let move = $state('');
  let limit = $state(12);
  let failed = $state('');
  let asked = 0;
  const id = $derived(params?.id);

  needVocabulary();
  got(api.GET('/api/partners')).then(
    (list) => (partners = list),
    () => {},
  );

  $effect(() => {
    void load(partner, dressed, move, limit);
  });

  async function load(partner: string, attire: string, move: string, limit: number) {
    const mine = ++asked;
    try {
      const answer = await got(api.GET('/api/rack', { params: { query: { partner, attire, move, limit } } }));
      if (mine === asked) rack = answer;
      failed = '';
    } catch (error) {
      failed = (error as Error).message;
    }
  }

  const again = () => load(partner, dressed, move, limit);
</script>

<svelte:head><title>Rack · Ash Notch</title></svelte:head>

<div class="both" class:open={id}>
  <div class="list">
    <h1>Rack</h1>
    <div class="filters" role="group" aria-label="Filters">
      <label class="field">
        <span>Partner</span>
        <select bind:value={partner} data-find>
          <option value="">anyone</option>
          {#each partners as p (p.partner.id)}<option value={p.partner.id}>{p.partner.name}</option>{/each}
        </select>
      </label>
      <label class="field">
        <span>Attire</span>
        <select bind:value={dressed}>
          <option value="">both</option><option value="gi">gi</option><option value="no-gi">no-gi</option>
        </select>
      </label>
      <label class="field">
        <span>With the move</span>
        <select bind:value={move}>
          <option value="">any</option>
          {#each vocabulary.moves as m (m.id)}<option value={m.id}>{m.name}</option>{/each}
        </select>
      </label>
    </div>
    {#if failed}<p class="fault" role="alert">{failed}</p>{/if}
    {#if rack}
      {#if rack.sessions.length === 0}
        <p class="my-4">
          {partner || dressed || move
            ? 'No roll fits these filters.'
            : 'No rolls yet. Each roll you log hangs here as a stick: your notches cut from the upper edge, theirs from the lower, the line between running high when you are on top.'}
        </p>
        {#if !(partner || dressed || move)}<button class="do" onclick={() => push('/log')}>Log a roll</button
          >{/if}
      {:else}
        <p class="quiet">
          {times(rack.rolls, 'roll')}. Your notches are cut from the upper edge, theirs from the lower.
        </p>
      {/if}
      {#each rack.sessions as session (session.id)}
        <section>
          <h2>
            {day(session.date)} <span class="quiet">{plain(session.kind)} {attire(session.attire)}</span>
          </h2>
          {#if session.notes}<p class="quiet">{session.notes}</p>{/if}
          {#each session.rolls as row (row.id)}<RollRow {row} chosen={row.id === id} />{/each}
        </section>
      {/each}
      {#if rack.more > 0}
        <button class="may mt-4" onclick={() => (limit += 24)}
          >Show {times(Math.min(24, rack.more), 'more session')}</button
        >
      {/if}
    {/if}
  </div>
  {#if id}
    <div class="one">
      {#key id}<Roll {id} onchange={again} />{/key}
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
