<!-- The sticks of some rolls, asked for and drawn only once they come on screen. -->
<script lang="ts">
  import { link } from 'svelte-spa-router';
  import { api, got, type Schemas } from '../api/client';
  import { day } from '../base/words';
  import Stick from '../stick/Stick.svelte';

  let { ids, columns = 3 }: { ids: string[]; columns?: number } = $props();

  let place = $state<HTMLElement>();
  let rows = $state.raw<Schemas['RollRow'][]>([]);
  let asked = '';

  $effect(() => {
    if (!place || ids.length === 0) return;
    const wanted = ids.join(' ');
    const seen = new IntersectionObserver(
      (entries) => {
        if (!entries.some((e) => e.isIntersecting) || asked === wanted) return;
        asked = wanted;
        // Sticks that do not come are no more than a picture less.
        void got(api.GET('/api/rolls', { params: { query: { id: ids } } }))
          .then((found) => asked === wanted && (rows = found))
          .catch(() => (asked = ''));
      },
      { rootMargin: '100px' },
    );
    seen.observe(place);
    return () => seen.disconnect();
  });
</script>

<div class="sticks" style:--columns={columns} bind:this={place}>
  {#each rows as row (row.id)}
    <a
      href="/rack/{encodeURIComponent(row.id)}"
      use:link
      aria-label="Roll of {day(row.date)} with {row.partnerName}"
      title={day(row.date)}><Stick stick={row.stick} size="thumb" label={day(row.date)} /></a
    >
  {/each}
</div>

<style>
  .sticks {
    display: grid;
    grid-template-columns: repeat(var(--columns), minmax(0, 1fr));
    gap: 0.25rem 0.5rem;
    min-height: 44px;
    align-items: center;
  }
  a {
    display: block;
    padding: 5px 0;
  }
</style>
