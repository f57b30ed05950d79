<script lang="ts">
  import { push } from 'svelte-spa-router';
  import { api, got } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import Failed from '../kit/Failed.svelte';
  import Waiting from '../kit/Waiting.svelte';
  import DayForm from '../matches/DayForm.svelte';
  import DayLine from '../matches/DayLine.svelte';
  import MatchLine from '../matches/MatchLine.svelte';
  import MatchNav from '../matches/MatchNav.svelte';

  const asked = resource(() => got(api.GET('/api/matches')));
  const me = resource(() => got(api.GET('/api/practitioner')));
  const now = $derived(asked.value);
  let adding = $state(false);
  const bare = $derived(now && now.coming.length + now.past.length + now.loose.length === 0);
</script>

<svelte:head><title>Matches · Ash Notch</title></svelte:head>

<div class="flex items-center justify-between gap-4">
  <h1>Matches</h1>
  {#if !adding && !bare}<button class="do" onclick={() => (adding = true)}>A match day</button>{/if}
</div>
<MatchNav />
<Failed of={asked} />
{#if asked.waiting}<Waiting what="Looking the days up" />{/if}
{#if now}
  {#if adding}
    <DayForm
      day={now.fresh}
      classes={now.classes}
      rules={now.rules}
      unit={me.value?.units}
      onkept={(kept) => void push(`/matches/day/${encodeURIComponent(kept.day.id ?? '')}`)}
      oncancel={() => (adding = false)}
    />
  {:else if bare}
    <section class="plank">
      <h2>No match day yet</h2>
      <p>
        Say when the next one is and in which division: here stands how long a match lasts, whether your
        weight is inside, what is barred for you, and what is known of who may be there. On the day each match
        is entered press by press, or told afterwards, and the score is kept as a referee keeps it.
      </p>
      <p>
        As it would be: you take them down and hold the top, 2-0; you pass and mount, 9-0; they sweep you with
        twenty seconds left, 9-2, and no single event flips it any more.
      </p>
      <button class="do" onclick={() => (adding = true)}>A match day</button>
    </section>
  {/if}
  {#if now.coming.length > 0}
    <h2>Coming</h2>
    <ul>
      {#each now.coming as day (day.id)}<DayLine {day} />{/each}
    </ul>
  {/if}
  {#if now.past.length > 0}
    <h2>Were</h2>
    <ul>
      {#each now.past as day (day.id)}<DayLine {day} />{/each}
    </ul>
  {/if}
  {#if now.loose.length > 0}
    <h2>Matches of no day</h2>
    {#each now.loose as match (match.row.id)}<MatchLine {match} />{/each}
  {/if}
{/if}

<style>
  h2 {
    margin-top: 1.25rem;
  }
  section {
    padding: 1rem 1.25rem;
    margin-top: 1rem;
    display: grid;
    gap: 0.625rem;
    max-width: 48rem;
    justify-items: start;
  }
  section h2 {
    margin-top: 0;
  }
</style>
