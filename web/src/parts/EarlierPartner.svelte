<!-- How a partner was described before each change, and putting one of these back; that is a change like any other. -->
<script lang="ts">
  import { api, got, type Schemas } from '../api/client';
  import { moment } from '../base/words';
  import { resource } from '../base/resource.svelte';
  import Failed from '../kit/Failed.svelte';
  import { tellTrouble } from '../kit/notices';
  import { about } from './partner-words';

  interface Props {
    id: string;
    unit: string | null | undefined;
    onrestored: (partner: Schemas['PartnerDocument']) => void;
  }

  let { id, unit, onrestored }: Props = $props();

  const path = $derived({ params: { path: { id } } });
  const asked = resource(() => got(api.GET('/api/partners/{id}/history', path)));

  async function restore(partner: Schemas['PartnerDocument']) {
    try {
      onrestored(
        await got(
          api.PUT('/api/partners/{id}', { params: { path: { id }, query: { known: true } }, body: partner }),
        ),
      );
    } catch (error) {
      tellTrouble(error);
    }
  }
</script>

<Failed of={asked} />
{#if asked.value && asked.value.length > 0}
  <h3>Earlier forms</h3>
  <ol>
    {#each asked.value as form (form.at)}
      <li>
        <div>
          <p>
            {form.partner.name} <span class="quiet">until {moment(form.at)}</span>
          </p>
          <p class="quiet">{about(form.partner, unit) || 'nothing else was known'}</p>
          {#if form.partner.notes}<p class="quiet whitespace-pre-wrap">{form.partner.notes}</p>{/if}
        </div>
        <button class="may" type="button" onclick={() => restore(form.partner)}>Put back</button>
      </li>
    {/each}
  </ol>
{/if}

<style>
  h3,
  ol {
    padding: 0 1rem;
  }
  ol {
    margin-bottom: 1rem;
  }
  li {
    display: flex;
    gap: 1rem;
    align-items: center;
    justify-content: space-between;
    padding: 0.375rem 0;
    border-bottom: 1px solid var(--color-grain);
  }
  button {
    flex-shrink: 0;
  }
  div {
    min-width: 0;
    overflow-wrap: anywhere;
  }
</style>
