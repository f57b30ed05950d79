<!-- How a roll was before each change, and putting one of these back; that is a change like any other, so nothing is ever lost. -->
<script lang="ts">
  import { api, got, type Schemas } from '../api/client';
  import { tell, tellTrouble } from '../notices.svelte';
  import Stick from '../stick/Stick.svelte';
  import { times } from '../words';

  let { id, version, onrestored }: { id: string; version: number; onrestored: () => void } = $props();

  let forms = $state<Schemas['EarlierForm'][] | null>(null);
  let open = $state(false);

  $effect(() => {
    if (open && version >= 0) void load(id);
  });

  async function load(id: string) {
    try {
      forms = await got(api.GET('/api/rolls/{id}/history', { params: { path: { id } } }));
    } catch (error) {
      tellTrouble(error);
    }
  }

  async function restore(number: number) {
    try {
      await got(api.POST('/api/rolls/{id}/history/{number}/restore', { params: { path: { id, number } } }));
      tell({ text: 'The earlier form is back. What stood here before is in the list.' });
      onrestored();
    } catch (error) {
      tellTrouble(error);
    }
  }

  const when = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });
</script>

<details bind:open>
  <summary>Earlier forms ({version})</summary>
  <ol>
    {#each forms ?? [] as form (form.number)}
      {@const notches = form.row.stick.exchanges.reduce((n, e) => n + e.cuts.length, 0)}
      <li>
        <div class="what">
          <p>
            Until it was {form.change}, {when.format(new Date(form.at))}
            <span class="quiet">{times(notches, 'notch', 'notches')}</span>
          </p>
          <Stick stick={form.row.stick} size="thumb" label="How it was" />
        </div>
        <button class="may" onclick={() => restore(form.number)}>Put back</button>
      </li>
    {/each}
  </ol>
</details>

<style>
  summary {
    text-decoration: underline;
  }
  li {
    display: flex;
    gap: 1rem;
    align-items: center;
    padding: 0.375rem 0;
    border-bottom: 1px solid var(--grain);
  }
  .what {
    flex: 1;
    min-width: 0;
  }
</style>
