<!-- What becomes of a block: decided after looking back on it. -->
<script lang="ts">
  import type { Schemas } from '../api/client';

  let { onchoose }: { onchoose: (verdict: NonNullable<Schemas['BlockChange']['verdict']>) => void } =
    $props();

  const verdicts = [
    { id: 'keep', say: 'Keep it: it is there' },
    { id: 'deepen', say: 'Deepen: go on with it' },
    { id: 'rotate', say: 'Rotate: something else first' },
    { id: 'drop', say: 'Drop it' },
  ] as const;
</script>

{#each verdicts as { id, say } (id)}
  <button class="may" onclick={() => onchoose(id)}>{say}</button>
{/each}
