<!-- A block that is over: its days, what was decided, and the look back. -->
<script lang="ts">
  import type { Schemas } from '../api/client';
  import { day } from '../base/words';
  import Review from './Review.svelte';

  let { view }: { view: Schemas['BlockView'] } = $props();
  let open = $state(false);
</script>

<details ontoggle={(event) => (open ||= event.currentTarget.open)}>
  <summary>
    <span
      ><strong>{day(view.block.start)} to {day(view.block.end)}</strong>: {view.focuses[0]?.say}
      {#if view.block.verdict}<span class="quiet">{view.block.verdict}</span>{/if}</span
    >
  </summary>
  {#if open && view.block.id}<Review block={view.block.id} />{/if}
</details>
