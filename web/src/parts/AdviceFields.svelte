<!-- What was advised and by whom; an empty line waits for more. -->
<script lang="ts">
  import type { Schemas } from '../api/client';

  let { advice = $bindable() }: { advice: Schemas['AdviceDocument'][] } = $props();

  function write(index: number, said: Schemas['AdviceDocument']) {
    advice[index] = { ...advice[index], ...said };
  }
</script>

{#each [...advice.keys(), advice.length] as i (i)}
  <div class="mt-2 grid grid-cols-[1fr_9rem] gap-2.5">
    <label class="field"
      ><span>{i === 0 ? 'Advice' : 'More advice'}</span><input
        value={advice[i]?.text ?? ''}
        oninput={(e) => write(i, { text: e.currentTarget.value })}
        maxlength="500"
        placeholder="frame before turning"
      /></label
    >
    <label class="field"
      ><span>Who said it</span><input
        value={advice[i]?.from ?? ''}
        oninput={(e) => write(i, { from: e.currentTarget.value })}
        maxlength="120"
        placeholder="coach"
      /></label
    >
  </div>
{/each}
