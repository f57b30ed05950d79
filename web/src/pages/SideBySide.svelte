<!-- Rolls with one partner side by side: the same places lined up, what each changed, what was weathered. -->
<script lang="ts">
  import { link, push, router } from 'svelte-spa-router';
  import { api, got } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { day } from '../base/words';
  import Failed from '../kit/Failed.svelte';
  import Waiting from '../kit/Waiting.svelte';
  import Stick from '../stick/Stick.svelte';

  let { params }: { params: { id: string } } = $props();

  const most = 4;
  const offered = 16;
  const chosen = $derived(new URLSearchParams(router.querystring ?? '').getAll('roll'));
  const partner = resource(() => got(api.GET('/api/partners/{id}', { params: { path: { id: params.id } } })));
  const rows = resource(async () => {
    const ids = (partner.value?.newest ?? []).slice(0, offered);
    return ids.length === 0 ? [] : got(api.GET('/api/rolls', { params: { query: { id: ids } } }));
  });
  // One chosen waits for a second; what lies side by side stays until then.
  const asked = resource(() =>
    chosen.length === 1
      ? Promise.resolve(null)
      : got(
          api.GET('/api/partners/{id}/side-by-side', {
            params: { path: { id: params.id }, query: { roll: chosen } },
          }),
        ),
  );
  const now = $derived(asked.value);
  const lying = $derived(chosen.length > 0 ? chosen : (now?.rolls.map((r) => r.row.id) ?? []));

  function toggle(id: string) {
    const next = lying.includes(id) ? lying.filter((l) => l !== id) : [...lying, id].slice(-most);
    void push(
      `/partners/${encodeURIComponent(params.id)}/side-by-side?${next.map((n) => `roll=${encodeURIComponent(n)}`).join('&')}`,
    );
  }
</script>

<svelte:head><title>Side by side · Ash Notch</title></svelte:head>

<p>
  <a class="inline-flex min-h-[44px] items-center" href="/partners/{encodeURIComponent(params.id)}" use:link
    >{partner.value?.partner.name ?? 'The partner'}</a
  >
</p>
<h1>Side by side</h1>
<Failed of={asked} />
{#if asked.waiting && !now}<Waiting what="Laying them side by side" />{/if}
<details open={chosen.length === 1}>
  <summary>Which rolls: two to {most}</summary>
  <div class="choose">
    {#each rows.value ?? [] as row (row.id)}
      <button class="may pick" aria-pressed={lying.includes(row.id)} onclick={() => toggle(row.id)}
        >{day(row.date)}</button
      >
    {/each}
  </div>
</details>
{#if chosen.length === 1}<p>Choose a second roll to lay beside it.</p>{/if}
{#if now}
  <div class="columns" style:--rolls={now.rolls.length}>
    {#each now.rolls as one (one.row.id)}
      <section aria-labelledby="roll-{one.row.id}">
        <h2 id="roll-{one.row.id}">
          <a href="/rack/{encodeURIComponent(one.row.id)}" use:link>{day(one.row.date)}</a>
        </h2>
        <Stick stick={one.row.stick} size="row" label="Roll of {day(one.row.date)}" />
        <p>
          Taps: you {one.row.myTaps}, they {one.row.theirTaps}. On points {one.score}.{one.level
            ? ` They were ${one.level}.`
            : ''}
        </p>
        {#if one.weathered}<p>{one.weathered}</p>{/if}
        {#each one.near as near (near)}<p class="near">{near}</p>{/each}
      </section>
    {/each}
  </div>
  {#if now.changed.length > 0}
    <section aria-labelledby="changed">
      <h2 id="changed">From the first to the last</h2>
      {#each now.changed as said (said)}<p>{said}</p>{/each}
    </section>
  {/if}
  <section aria-labelledby="places">
    <h2 id="places">The same places</h2>
    {#each now.places as place (place.say)}
      <div class="place">
        <h3>{place.say}</h3>
        <div class="columns" style:--rolls={now.rolls.length}>
          {#each place.rolls as cell, i (now.rolls[i]?.row.id)}
            <div>
              <span class="quiet date">{day(now.rolls[i]?.row.date)}</span>
              {#if !cell}<p class="quiet">not reached</p>{:else}
                {#each cell.lines as line (line.say)}
                  <p class={line.by === 'me' ? 'mine' : 'theirs'}>{line.say}</p>
                {:else}<p class="quiet">reached, nothing told</p>{/each}
              {/if}
            </div>
          {/each}
        </div>
      </div>
    {/each}
  </section>
{/if}

<style>
  section {
    margin-top: 1.25rem;
  }
  .columns {
    display: grid;
    grid-template-columns: repeat(var(--rolls), minmax(0, 1fr));
    gap: 0.5rem 1.5rem;
  }
  .columns > section {
    margin-top: 0.75rem;
  }
  h2 a {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
    text-decoration: underline;
    text-underline-offset: 3px;
  }
  .choose {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    padding-bottom: 0.5rem;
  }
  .place {
    border-top: 1px solid var(--color-grain);
    padding: 0.5rem 0;
  }
  h3 {
    font-size: 1.0625rem;
  }
  h3::first-letter {
    text-transform: uppercase;
  }
  .mine {
    border-left: 4px solid var(--color-mine);
    padding-left: 0.5rem;
  }
  .theirs {
    border-left: 4px solid var(--color-theirs);
    padding-left: 0.5rem;
  }
  .near {
    border-left: 4px dashed var(--color-danger);
    padding-left: 0.5rem;
    margin-top: 0.375rem;
  }
  .date {
    display: none;
  }
  @media (max-width: 700px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
    .date {
      display: inline;
      font-size: 0.9375rem;
    }
  }
</style>
