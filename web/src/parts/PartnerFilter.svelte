<!-- With whom: one partner alone, or anyone. -->
<script lang="ts">
  import { api, got } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import Combo from '../kit/Combo.svelte';
  import { partnerChoices } from './trade.svelte';

  let { partner = $bindable(), onchange }: { partner: string; onchange?: () => void } = $props();

  const partners = resource(() => got(api.GET('/api/partners')));
</script>

<div class="min-w-44">
  <Combo
    label="Partner"
    hideLabel
    value={partner}
    none="with anyone"
    ready={!partners.waiting}
    choices={partnerChoices(partners.value ?? [])}
    onchoose={(id) => {
      partner = id;
      onchange?.();
    }}
  />
</div>
