<script lang="ts">
  import { link, push, router } from 'svelte-spa-router';
  import { api, got } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import Failed from '../kit/Failed.svelte';
  import { tell } from '../kit/notices';
  import { Live } from '../matches/live.svelte';
  import LiveBoard from '../matches/LiveBoard.svelte';
  import { need, terms } from '../parts/trade.svelte';

  let { params }: { params: { id: string } } = $props();

  need(terms);
  const id = $derived(params.id);
  const asked = resource(() => got(api.GET('/api/matches/{id}', { params: { path: { id } } })));
  const rulesets = resource(() => got(api.GET('/api/rulesets')));
  const view = $derived(asked.value);
  const rules = $derived(rulesets.value?.find((r) => r.rules.id === view?.rulesId)?.rules);
  const opponent = new URLSearchParams(router.querystring ?? '').get('with') ?? '';

  let live = $state.raw<Live | null>(null);
  $effect(() => {
    if (view && !live) live = new Live(id, opponent, view.minutes ?? null);
  });

  const names = $derived(new Map((terms.value?.scored ?? []).map((t) => [t.id, t.say])));
  const events = $derived(
    (rules?.scores ?? []).map((s) => ({ id: s.for ?? '', name: names.get(s.for ?? '') ?? s.for ?? '' })),
  );

  function kept(roll: string) {
    tell({ text: 'The match is kept.', action: { label: 'Open it', run: () => push(`/rack/${roll}`) } });
    void push(`/matches/day/${encodeURIComponent(id)}`);
  }
</script>

<svelte:head><title>A match · Ash Notch</title></svelte:head>

<a
  class="inline-flex min-h-[44px] items-center underline"
  href="/matches/day/{encodeURIComponent(id)}"
  use:link>{view?.day.name ?? 'The match day'}</a
>
<Failed of={asked} />
{#if live && view}
  <h1>{live.opponent ? `Against ${live.opponent}` : 'A match'}</h1>
  {#if !live.opponent || live.opponent !== opponent}
    <label class="field max-w-xs"
      ><span>Against</span><input bind:value={live.opponent} maxlength="120" list="opponents" /></label
    >
    <datalist id="opponents">
      {#each view.day.opponents ?? [] as one, i (i)}<option value={one.opponent}></option>{/each}
    </datalist>
  {/if}
  <p class="quiet">{view.rules}{view.minutes ? `, ${view.minutes} minutes` : ''}</p>
  {#if live.gone}
    <p>
      This match was kept, or let go of, in another tab. <a
        href="/matches/day/{encodeURIComponent(id)}"
        use:link>See the day</a
      >
    </p>
  {:else}<LiveBoard
      {live}
      {events}
      advantages={rules?.advantages ?? true}
      onkept={kept}
      onleft={() => void push(`/matches/day/${encodeURIComponent(id)}`)}
    />{/if}
{/if}
