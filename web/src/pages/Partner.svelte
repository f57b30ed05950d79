<!-- One partner: what to keep in mind, what passes between us, what was learned, how it went over time. -->
<script lang="ts">
  import { link, push } from 'svelte-spa-router';
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { day, plain, shown, times } from '../base/words';
  import Failed from '../kit/Failed.svelte';
  import { tell } from '../kit/notices';
  import Waiting from '../kit/Waiting.svelte';
  import EarlierPartner from '../parts/EarlierPartner.svelte';
  import MergeForm from '../parts/MergeForm.svelte';
  import { about } from '../parts/partner-words';
  import PartnerForm from '../parts/PartnerForm.svelte';
  import BetweenList from '../partners/BetweenList.svelte';
  import ForgetPartner from '../partners/ForgetPartner.svelte';
  import Heeds from '../partners/Heeds.svelte';
  import OwedList from '../partners/OwedList.svelte';
  import Months from '../partners/Months.svelte';
  import SeenSticks from '../partners/SeenSticks.svelte';

  let { params }: { params: { id: string } } = $props();

  let editing = $state(false);
  let wait = $state(false);
  const asked = resource(() =>
    got(api.GET('/api/partners/{id}', { params: { path: { id: params.id }, query: { wait } } })),
  );
  // What was learned before the newest rolls is shown at once, and put right as soon as they are learned from.
  $effect(() => {
    if (asked.value?.behind) wait = true;
  });
  const me = resource(() => got(api.GET('/api/practitioner')));
  const others = resource(() => (editing ? got(api.GET('/api/partners')) : Promise.resolve([])));
  const now = $derived(asked.value);
  const unit = $derived(me.value?.units);
  const newest = 12;
  const few = 4;

  async function saved(partner: Schemas['PartnerDocument']) {
    editing = false;
    tell({ text: `${partner.name} is kept.` });
    await asked.load();
  }
  const then = (as: Schemas['Then']) =>
    [
      as.belt ? `${as.belt}${as.stripes ? `, ${times(as.stripes, 'stripe')}` : ''}` : '',
      as.weightKg ? `${shown(as.weightKg, unit)} ${unit ?? 'kg'}` : plain(as.size),
    ]
      .filter(Boolean)
      .join(', ');
  const places = (list: Schemas['PlaceTimes'][]) =>
    list
      .slice(0, few)
      .map((p) => `${p.say} ${p.times}`)
      .join(', ');
</script>

<svelte:head><title>{now?.partner.name ?? 'Partner'} · Ash Notch</title></svelte:head>

<p><a class="inline-flex min-h-[44px] items-center" href="/partners" use:link>All partners</a></p>
<Failed of={asked} />
{#if asked.waiting && !now}<Waiting what="Looking through your rolls" />{/if}
{#if now}
  <header>
    <h1>{now.partner.name}</h1>
    <button
      class="may"
      aria-expanded={editing}
      aria-label={editing ? undefined : `Edit ${now.partner.name}`}
      onclick={() => (editing = !editing)}>{editing ? 'Close' : 'Edit'}</button
    >
  </header>
  {#if editing}
    <PartnerForm
      partner={now.partner}
      version={now.version}
      {unit}
      onsaved={saved}
      oncancel={() => (editing = false)}
    />
    <MergeForm
      partner={now.partner}
      others={(others.value ?? []).map((p) => p.partner).filter((p) => p.id !== params.id)}
      onmerged={() => push('/partners')}
    />
    <EarlierPartner id={params.id} {unit} onrestored={saved} />
    <p class="my-3"><ForgetPartner partner={now.partner} rolls={now.rolls} /></p>
  {:else}
    <p>
      {[
        about(now.partner, unit),
        now.rolls ? `${times(now.rolls, 'roll')}, last ${day(now.last)}` : 'no roll yet',
        now.next && now.likelyThere ? `${now.likelyThere} ${day(now.next)}` : '',
      ]
        .filter(Boolean)
        .join(' · ')}
    </p>
    {#if now.partner.notes}<p>{now.partner.notes}</p>{/if}
  {/if}

  {#if now.watch.length > 0}
    <section class="plank first" aria-labelledby="watch">
      <h2 id="watch">Before you roll</h2>
      <Heeds heeds={now.watch.slice(0, few)} />
    </section>
  {/if}
  {#if now.learned.length > 0}
    <section aria-labelledby="learned">
      <h2 id="learned">Learned</h2>
      {#each now.learned as learned (learned.say)}
        <p>{learned.say}</p>
        <details>
          <summary>The rolls since</summary>
          <SeenSticks ids={learned.rolls.slice(0, newest)} />
        </details>
      {/each}
    </section>
  {/if}
  {#if now.changed.length > 0}
    <section aria-labelledby="changed">
      <h2 id="changed">The last four weeks</h2>
      {#each now.changed as said (said)}<p>{said}</p>{/each}
    </section>
  {/if}

  {#if now.rolls > 0}
    <div class="sides">
      <BetweenList rows={now.they} whose="partner" heading="What they land on you" />
      <BetweenList rows={now.me} whose="me" heading="What you land on them" />
    </div>
    <section aria-labelledby="sticks">
      <h2 id="sticks">The sticks between us</h2>
      <SeenSticks ids={now.newest.slice(0, newest)} columns={4} />
      {#if now.newest.length > 1}
        <p>
          <a
            class="inline-flex min-h-[44px] items-center"
            href="/partners/{encodeURIComponent(params.id)}/side-by-side"
            use:link>Lay rolls side by side</a
          >
        </p>
      {/if}
    </section>
    <div class="sides">
      {#if now.months.length > 0}<Months months={now.months} name={now.partner.name ?? ''} />{/if}
      <section aria-labelledby="where">
        <h2 id="where">Where it starts and ends</h2>
        {#if now.starts.length > 0}<p>Starts: {places(now.starts)}.</p>{/if}
        {#if now.ends.length > 0}<p>Ends without a tap: {places(now.ends)}.</p>{/if}
        <p>
          <a
            class="inline-flex min-h-[44px] items-center"
            href="/weak-spots/taps?partner={encodeURIComponent(params.id)}"
            use:link>Who tapped whom</a
          >
        </p>
      </section>
    </div>
    {#if now.favourites.length > 0}
      <section aria-labelledby="favourites">
        <h2 id="favourites">Their favourites</h2>
        {#each now.favourites as move (move.name)}
          <div class="move">
            <h3>{move.name}</h3>
            <p>{move.counts}{move.sides ? ` Side: ${move.sides}.` : ''}</p>
            {#each move.says as said (said)}<p>{said}</p>{/each}
            {#if move.caution}<p class="quiet">{move.caution}</p>{/if}
          </div>
        {/each}
      </section>
    {/if}
    {#if now.course.length > 0}
      <section aria-labelledby="course">
        <h2 id="course">Belt and size</h2>
        {#each now.course as as (as.since)}<p>From {day(as.since)}: {then(as)}</p>{/each}
      </section>
    {/if}
  {/if}
  <OwedList id={params.id} owed={now.partner.owed ?? []} onchanged={() => asked.load()} />
  {#if now.advice.length > 0}
    <section aria-labelledby="advice">
      <h2 id="advice">What they told you</h2>
      {#each now.advice as said, i (i)}
        <p>
          {said.text}
          <span class="quiet"
            >{#if said.roll}<a href="/rack/{encodeURIComponent(said.roll)}" use:link>{day(said.day)}</a
              >{:else}{day(said.day)}{/if}</span
          >
        </p>
      {/each}
    </section>
  {/if}
{/if}

<style>
  header {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 0.75rem;
  }
  section {
    margin-top: 1.25rem;
  }
  .first {
    padding: 0.875rem 1.25rem;
    border-left: 5px solid var(--color-ink);
  }
  .sides {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 0 2rem;
    align-items: start;
    margin-top: 1.25rem;
  }
  .move {
    border-bottom: 1px solid var(--color-grain);
    padding: 0.5rem 0;
  }
  h3::first-letter {
    text-transform: uppercase;
  }
  h3 {
    font-size: 1.0625rem;
  }
  @media (max-width: 700px) {
    .sides {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
