<!-- How a roll was before each change, and putting one of these back; that is a change like any other, so nothing is ever lost. -->
<script lang="ts">
  import { api, got } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import Failed from '../kit/Failed.svelte';
  import { tell, tellTrouble } from '../kit/notices';
  import Stick from '../stick/Stick.svelte';
  import { moment, times } from '../base/words';

  let { id, version, onrestored }: { id: string; version: number; onrestored: () => void } = $props();

  const asked = resource(() => {
    void version;
    return got(api.GET('/api/rolls/{id}/history', { params: { path: { id } } }));
  });

  async function restore(number: number) {
    try {
      await got(api.POST('/api/rolls/{id}/history/{number}/restore', { params: { path: { id, number } } }));
      tell({ text: 'The earlier form is back. What stood here before is in the list.' });
      onrestored();
    } catch (error) {
      tellTrouble(error);
    }
  }
</script>

<Failed of={asked} />
<ol>
  {#each asked.value ?? [] as form (form.number)}
    {@const notches = form.row.stick.exchanges.reduce((n, e) => n + e.cuts.length, 0)}
    <li>
      <div class="what">
        <p>
          Until it was {form.change}, {moment(form.at)}
          <span class="quiet">{times(notches, 'notch', 'notches')}</span>
        </p>
        <Stick stick={form.row.stick} size="thumb" label="How it was" />
      </div>
      <button class="may" onclick={() => restore(form.number)}>Put back</button>
    </li>
  {/each}
</ol>

<style>
  li {
    display: flex;
    gap: 1rem;
    align-items: center;
    padding: 0.375rem 0;
    border-bottom: 1px solid var(--color-grain);
  }
  .what {
    flex: 1;
    min-width: 0;
  }
</style>
