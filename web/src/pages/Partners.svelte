<!-- The people you roll with: who is likely there, and a page for each. -->
<script lang="ts">
  import { link, push } from 'svelte-spa-router';
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { times } from '../base/words';
  import Failed from '../kit/Failed.svelte';
  import { tell, tellTrouble } from '../kit/notices';
  import Waiting from '../kit/Waiting.svelte';
  import PartnerForm from '../parts/PartnerForm.svelte';
  import Terms from '../parts/Terms.svelte';
  import BeforeClass from '../partners/BeforeClass.svelte';
  import PartnerLadder from '../partners/PartnerLadder.svelte';
  import PartnerRow from '../partners/PartnerRow.svelte';

  const page = 20;
  let adding = $state(false);
  let find = $state('');
  let belt = $state('');

  const me = resource(() => got(api.GET('/api/practitioner')));
  const unit = $derived(me.value?.units);
  const asked = resource(() =>
    got(api.GET('/api/partners/rows', { params: { query: { find, belt, limit: page } } })),
  );
  const list = $derived(asked.value);
  const filtered = $derived(!!(find || belt));

  async function more() {
    if (!list) return;
    const query = { find, belt, skip: list.rows.length, limit: page };
    try {
      const next = await got(api.GET('/api/partners/rows', { params: { query } }));
      asked.value = { ...next, rows: [...list.rows, ...next.rows] };
    } catch (error) {
      tellTrouble(error);
    }
  }
  function saved(partner: Schemas['PartnerDocument']) {
    adding = false;
    tell({ text: `${partner.name} is kept.` });
    void push(`/partners/${encodeURIComponent(partner.id ?? '')}`);
  }
</script>

<svelte:head><title>Partners · Ash Notch</title></svelte:head>

<header>
  <h1>Partners</h1>
  <button class="do" onclick={() => (adding = !adding)}>New partner</button>
</header>
<p class="quiet">By nickname, for you alone. Nobody else sees this.</p>
<p>
  <a class="inline-flex min-h-[44px] items-center" href="/partners/fears" use:link
    >What you are afraid of, held against your rolls</a
  >
</p>
<Failed of={asked} />
{#if adding}
  <div class="my-4">
    <PartnerForm partner={{}} {unit} onsaved={saved} oncancel={() => (adding = false)} />
  </div>
{/if}
<BeforeClass />
<PartnerLadder />
{#if list?.inAll === 0}
  <p class="my-4">
    No partners yet. Add one by nickname; belt and weight help to tell a weakness from a tough round.
  </p>
{:else}
  <div class="narrowing items-end!">
    <input
      class="input min-h-[44px] max-w-60"
      type="search"
      aria-label="Find a partner"
      placeholder="Find a partner"
      data-find
      bind:value={find}
    />
    <Terms label="Belt" of="belts" none="any belt" bind:value={belt} />
  </div>
  {#if asked.waiting && !list}<Waiting what="Looking through your rolls" />{/if}
  {#if list}
    <ul>
      {#each list.rows as row (row.partner.id)}<PartnerRow {row} {unit} />{/each}
    </ul>
    {#if list.found === 0}<p class="quiet">Nobody fits.</p>{/if}
    {#if list.rows.length < list.found}
      <button class="may mt-4" onclick={more}
        >Show {times(Math.min(page, list.found - list.rows.length), 'more partner')}</button
      >
    {/if}
    {#if filtered}<p class="quiet">{list.found} of {list.inAll}</p>{/if}
  {/if}
{/if}

<style>
  header {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 0.75rem;
  }
</style>
