<!-- Says that a partner was entered twice: the rolls of this record go to the other. -->
<script lang="ts">
  import { api, got, type Schemas } from '../api/client';
  import Combo from '../kit/Combo.svelte';
  import { tell, tellTrouble } from '../kit/notices';

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
  <div class="min-w-56">
    <Combo
      label="{partner.name} is the same as"
      value={into}
      choices={others.map((p) => ({ value: p.id ?? '', label: p.name ?? '' }))}
      none="nobody else"
      onchoose={(id) => (into = id)}
    />
  </div>
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
</style>
