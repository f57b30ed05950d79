<!-- What every move really does: tried, landed, worth, opened and exposed, counted over the log. -->
<script lang="ts">
  import { link, push, router } from 'svelte-spa-router';
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { day, plain, times } from '../base/words';
  import Failed from '../kit/Failed.svelte';
  import Segments from '../kit/Segments.svelte';
  import Waiting from '../kit/Waiting.svelte';
  import CostNav from '../parts/CostNav.svelte';
  import MoveSheet from '../parts/MoveSheet.svelte';

  type By = 'me' | 'partner';
  const orders = [
    { id: 'tried', say: 'Tries' },
    { id: 'worth', say: 'Worth' },
    { id: 'lately', say: 'Lately' },
    { id: 'name', say: 'Name' },
  ] as const;
  type Order = (typeof orders)[number]['id'];

  const asked = $derived(new URLSearchParams(router.querystring ?? ''));
  const by = $derived<By>(asked.get('by') === 'partner' ? 'partner' : 'me');
  const picked = $derived(asked.get('move') ?? '');
  let order = $state<Order>('tried');
  let kind = $state('');
  let find = $state('');

  const all = resource(() => got(api.GET('/api/moves', { params: { query: { by } } })));
  const now = $derived(all.value);
  const kinds = $derived([...new Set((now?.moves ?? []).map((m) => m.kind ?? ''))].filter(Boolean).sort());
  const wanted = $derived(find.trim().toLowerCase());
  const rate = (m: Schemas['MoveRow']) => (by === 'me' ? (m.worth ?? -Infinity) : -(m.worth ?? Infinity));
  const compare: Record<Order, (a: Schemas['MoveRow'], b: Schemas['MoveRow']) => number> = {
    tried: (a, b) => b.tried - a.tried,
    worth: (a, b) => rate(b) - rate(a),
    lately: (a, b) => b.lately - a.lately,
    name: (a, b) => a.name.localeCompare(b.name),
  };
  const moves = $derived(
    (now?.moves ?? [])
      .filter((m) => (!kind || m.kind === kind) && m.name.toLowerCase().includes(wanted))
      .toSorted(compare[order]),
  );
  const chosen = $derived(picked || moves[0]?.id || '');

  let opened = $state<HTMLElement>();
  function choose(id: string) {
    void push(`/weak-spots/moves?by=${by}&move=${encodeURIComponent(id)}`);
    if (window.matchMedia('(max-width: 900px)').matches) opened?.scrollIntoView({ block: 'start' });
  }
  const signed = (worth: number) => `${worth > 0 ? '+' : ''}${worth.toFixed(2)}`;
</script>

<svelte:head><title>{by === 'me' ? 'My moves' : 'Their moves'} · Ash Notch</title></svelte:head>

<h1>{by === 'me' ? 'My moves' : 'What is done to me'}</h1>
<CostNav />
<Failed of={all} />
{#if all.waiting}<Waiting what="Counting" />{/if}
<div class="narrowing">
  <Segments
    label="Whose"
    value={by}
    choices={[
      { id: 'me', say: 'Mine' },
      { id: 'partner', say: 'Theirs' },
    ]}
    onchoose={(next) => void push(`/weak-spots/moves?by=${next}`)}
  />
  <label class="flex items-center gap-2"
    >By <select class="select min-h-[44px]" bind:value={order}>
      {#each orders as one (one.id)}<option value={one.id}>{one.say.toLowerCase()}</option>{/each}
    </select></label
  >
  <label class="flex items-center gap-2"
    >Kind <select class="select min-h-[44px]" bind:value={kind}>
      <option value="">any</option>
      {#each kinds as one (one)}<option value={one}>{plain(one)}</option>{/each}
    </select></label
  >
  <input
    class="input min-h-[44px] max-w-48"
    aria-label="Find a move"
    placeholder="Find a move"
    data-find
    bind:value={find}
  />
</div>
{#if now && now.moves.length === 0}
  <p>
    Nothing yet: a move shows here once it was tried in a roll that is kept. Practice is left out.
    <a href="/log" use:link>Log a roll</a>
  </p>
{:else if now}
  {#each now.conceded as pair (pair.say)}<p>{pair.say}</p>{/each}
  <div class="beside">
    <ol>
      {#each moves as move (move.id)}
        <li>
          <button
            class="choice"
            class:chosen={move.id === chosen}
            aria-pressed={move.id === chosen}
            onclick={() => choose(move.id)}
          >
            <span class="name"
              >{move.name}{#if move.first}<span class="quiet">, new</span>{/if}</span
            >
            <span class="figures">{move.landed} of {move.tried}</span>
            <span class="quiet small">
              {[
                plain(move.kind),
                move.worth != null ? `a try ${signed(move.worth)} ${now.unit}` : '',
                move.opens > 0 ? `opens ${times(move.opens, 'move')}` : '',
              ]
                .filter(Boolean)
                .join(' · ')}
            </span>
          </button>
        </li>
      {:else}
        <li class="quiet">No move of that name or kind.</li>
      {/each}
    </ol>
    <div bind:this={opened} class="opened">
      {#if chosen}{#key `${by} ${chosen}`}<MoveSheet id={chosen} {by} {day} />{/key}{/if}
    </div>
  </div>
{/if}

<style>
  .name {
    font-weight: 650;
    overflow-wrap: anywhere;
  }
  .name::first-letter {
    text-transform: uppercase;
  }
  .small {
    grid-column: 1 / -1;
    font-size: 0.9375rem;
  }
  .opened {
    scroll-margin-top: 4rem;
  }
</style>
