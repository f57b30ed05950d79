<script lang="ts">
  import { link } from 'svelte-spa-router';
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import Failed from '../kit/Failed.svelte';
  import { tell } from '../kit/notices';
  import EarlierPartner from '../parts/EarlierPartner.svelte';
  import MergeForm from '../parts/MergeForm.svelte';
  import PartnerForm from '../parts/PartnerForm.svelte';
  import { about } from '../parts/partner-words';
  import Stick from '../stick/Stick.svelte';
  import { day, times } from '../base/words';

  let editing = $state<string | null>(null);
  let find = $state('');

  const asked = resource(() => got(api.GET('/api/partners')));
  const me = resource(() => got(api.GET('/api/practitioner')));
  const partners = $derived(asked.value);
  const unit = $derived(me.value?.units);

  async function saved(partner: Schemas['PartnerDocument']) {
    editing = null;
    tell({ text: `${partner.name} is kept.` });
    await asked.load();
  }

  const found = $derived(
    partners?.filter((p) =>
      [p.partner.name ?? '', ...(p.partner.alsoCalled ?? [])].some((n) =>
        n.toLowerCase().includes(find.toLowerCase()),
      ),
    ) ?? [],
  );
</script>

<svelte:head><title>Partners · Ash Notch</title></svelte:head>

<header>
  <h1>Partners</h1>
  <label class="field find"
    ><span class="sr-only">Find a partner</span><input
      type="search"
      placeholder="Find"
      data-find
      bind:value={find}
    /></label
  >
  <button class="do" onclick={() => (editing = '')}>New partner</button>
</header>
<p class="quiet">By nickname, for you alone. Nobody else sees this.</p>
<Failed of={asked} />
{#if editing === ''}
  <div class="my-4">
    <PartnerForm partner={{}} {unit} onsaved={saved} oncancel={() => (editing = null)} />
  </div>
{/if}
{#if partners?.length === 0}
  <p class="my-4">
    No partners yet. Add one by nickname; belt and weight help to tell a weakness from a tough round.
  </p>
{/if}
<ul>
  {#each found as view (view.partner.id)}
    <li>
      {#if editing === view.partner.id}
        <PartnerForm partner={view.partner} {unit} onsaved={saved} oncancel={() => (editing = null)} />
        <MergeForm
          partner={view.partner}
          others={partners?.map((p) => p.partner).filter((p) => p.id !== view.partner.id) ?? []}
          onmerged={async () => {
            editing = null;
            await asked.load();
          }}
        />
        <EarlierPartner id={view.partner.id ?? ''} {unit} onrestored={saved} />
      {:else}
        <div class="one">
          <div>
            <h2>{view.partner.name}</h2>
            <p class="quiet">{about(view.partner, unit)}</p>
            {#if view.partner.notes}<p>{view.partner.notes}</p>{/if}
          </div>
          <div class="sticks">
            {#each view.sticks as row (row.id)}<a
                href="#/rack/{row.id}"
                aria-label="Roll of {day(row.date)} with {row.partnerName}"
                ><Stick stick={row.stick} size="thumb" label={day(row.date)} /></a
              >{/each}
          </div>
          <p class="quiet">
            {view.rolls ? `${times(view.rolls, 'roll')}, last ${day(view.last)}` : 'no roll yet'}
            {#if view.rolls}
              <a
                class="inline-flex min-h-[44px] items-center"
                href="/weak-spots/taps?partner={view.partner.id}"
                use:link
                aria-label="Taps with {view.partner.name}">Taps</a
              >
            {/if}
          </p>
          <button
            class="may"
            onclick={() => (editing = view.partner.id ?? null)}
            aria-label="Edit {view.partner.name}">Edit</button
          >
        </div>
      {/if}
    </li>
  {/each}
</ul>

<style>
  header {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.75rem;
  }
  .find {
    margin-left: auto;
    width: 12rem;
  }
  ul {
    margin-top: 0.75rem;
  }
  .one {
    display: grid;
    grid-template-columns: minmax(0, 2fr) minmax(0, 2fr) 11rem auto;
    gap: 1rem;
    align-items: center;
    padding: 0.625rem 0;
    border-bottom: 1px solid var(--color-grain);
  }
  .sticks {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 0.5rem;
  }
  .sticks a {
    display: block;
    padding: 5px 0;
  }
  @media (max-width: 700px) {
    .find {
      width: 100%;
      order: 3;
    }
    header .do {
      margin-left: auto;
    }
    .one {
      grid-template-columns: minmax(0, 1fr) auto;
    }
    .sticks {
      grid-column: 1 / -1;
      order: 4;
    }
    .one > p {
      grid-row: 2;
    }
  }
</style>
