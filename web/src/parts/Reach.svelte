<!-- Good places: how often I get there and what I make of it, apart. -->
<script lang="ts">
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';

  let {
    query,
  }: {
    query: {
      aim?: Schemas['Aim'];
      against?: Schemas['Against'];
      attire?: NonNullable<Schemas['Attire']>;
      first?: string;
    };
  } = $props();

  const asked = resource(() => got(api.GET('/api/weak-spots/reach', { params: { query } })));
  const most = $derived(Math.max(0.001, ...(asked.value ?? []).flatMap((r) => [r.reachGain, r.convertGain])));
  const wide = (gain: number) => `${Math.max(1, (100 * Math.max(0, gain)) / most)}%`;
</script>

{#if asked.value && asked.value.length > 0}
  <section aria-labelledby="reach">
    <h2 id="reach">Good places: getting there, and what comes then</h2>
    <ul>
      {#each asked.value as place (place.place)}
        <li>
          <p>{place.say}</p>
          <svg height="26" width="100%" aria-hidden="true">
            <text x="0" y="10">there</text>
            <text x="0" y="24">then</text>
            <svg x="3rem" width="60%" height="26">
              <rect y="2" height="8" width={wide(place.reachGain)} />
              <rect y="16" height="8" width={wide(place.convertGain)} />
            </svg>
          </svg>
        </li>
      {/each}
    </ul>
  </section>
{/if}

<style>
  section {
    margin-top: 2rem;
  }
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(100%, 24rem), 1fr));
    gap: 0.5rem 1.75rem;
    margin-top: 0.5rem;
  }
  li {
    padding: 0.5rem 0;
    border-top: 1px solid var(--color-grain);
  }
  svg {
    margin-top: 0.25rem;
  }
  rect {
    fill: var(--color-mine);
  }
  text {
    font-size: 0.875rem;
    fill: var(--color-quiet);
  }
</style>
