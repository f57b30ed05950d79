<!-- Why a weak spot costs what it costs, and what else the log says of it. -->
<script lang="ts">
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';

  let { spot }: { spot: Schemas['WeakSpot'] } = $props();

  const notes = resource(async () =>
    spot.way.move
      ? got(
          api.GET('/api/weak-spots/notes', {
            params: { query: { from: spot.way.from, by: spot.way.by, move: spot.way.move } },
          }),
        )
      : [],
  );
</script>

<dl>
  <dt>How often</dt>
  <dd>{spot.why.often}</dd>
  <dt>How likely</dt>
  <dd>{spot.why.likely}</dd>
  <dt>How costly</dt>
  <dd>{spot.why.costly}</dd>
  <dt>How sure</dt>
  <dd>{spot.why.sure}</dd>
  <dt>An equal</dt>
  <dd>{spot.why.even}</dd>
  {#if notes.value && notes.value.length > 0}
    <dt>Besides</dt>
    <dd>{notes.value.join(' ')}</dd>
  {/if}
</dl>

<style>
  dl {
    display: grid;
    grid-template-columns: 6.5rem 1fr;
    gap: 0.5rem 0.75rem;
    margin: 0.75rem 0;
  }
  dt {
    font-weight: 650;
  }
  @media (max-width: 900px) {
    dl {
      grid-template-columns: 1fr;
      gap: 0 0;
    }
    dd {
      margin-bottom: 0.5rem;
    }
  }
</style>
