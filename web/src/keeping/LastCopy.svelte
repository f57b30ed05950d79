<!-- When the last good copy of the log was made, and why there is no newer one where there should be. -->
<script lang="ts">
  import type { Schemas } from '../api/client';
  import { moment } from '../base/words';

  let { of }: { of: Schemas['CopyStateView'] | null | undefined } = $props();
</script>

{#if of?.overdue}
  <p class="fault my-2" role="alert">
    {of.lastGood ? `The last good copy is of ${moment(of.lastGood)}` : 'There is no copy'}, and none could be
    made since: {of.overdue}
  </p>
{:else if of?.lastGood}
  <p class="quiet my-2">Last good copy: {moment(of.lastGood)}.</p>
{/if}
