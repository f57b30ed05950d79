<!-- Says that a partner was entered twice: the rolls of this record go to the other. -->
<script lang="ts">
  import { api, got, type Schemas } from '../api/client';
  import { tell, tellTrouble } from '../notices.svelte';

  let {
    partner,
    others,
    onmerged,
  }: {
    partner: Schemas['PartnerDocument'];
    others: Schemas['PartnerDocument'][];
    onmerged: () => void;
  } = $props();

  let into = $state('');

  async function merge() {
    const kept = others.find((p) => p.id === into);
    // The undo outlives this form, and with it what the form was given.
    const changed = onmerged;
    try {
      const { merge } = await got(
        api.POST('/api/partners/{id}/merge', {
          params: { path: { id: partner.id ?? '' } },
          body: { into },
        }),
      );
      tell({
        text: `${partner.name} is ${kept?.name} now, rolls and all.`,
        action: { label: 'Undo', run: () => undo(merge, changed) },
      });
      changed();
    } catch (error) {
      tellTrouble(error);
    }
  }

  async function undo(merge: number, changed: () => void) {
    try {
      await got(api.POST('/api/partners/merges/{merge}/undo', { params: { path: { merge } } }));
      tell({ text: 'They are two again.' });
      changed();
    } catch (error) {
      tellTrouble(error);
    }
  }
</script>

<div class="same">
  <label class="field"
    ><span>{partner.name} is the same as</span>
    <select bind:value={into}>
      <option value="">nobody else</option>
      {#each others as other (other.id)}<option value={other.id}>{other.name}</option>{/each}
    </select></label
  >
  <button class="may" type="button" disabled={into === ''} onclick={merge}>Make them one</button>
</div>

<style>
  .same {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
    align-items: end;
    padding: 0.75rem 1rem 1rem;
  }
  .field {
    min-width: 14rem;
  }
</style>
