<!-- A finish that the telling does not say: which, and from where, or nobody knows. -->
<script lang="ts">
  import type { Schemas } from '../api/client';
  import Combo from '../kit/Combo.svelte';
  import Float from '../kit/Float.svelte';
  import { need, placeChoices, submissionChoices, vocabulary } from '../parts/trade.svelte';

  let {
    by,
    beside,
    onadd,
    onclose,
  }: {
    by: 'me' | 'partner';
    beside: Element;
    onadd: (tap: Schemas['NotchDocument']) => void;
    onclose: () => void;
  } = $props();

  need(vocabulary);
  let move = $state('');
  let from = $state('');
</script>

<Float title={by === 'me' ? 'You finished' : 'They finished'} {beside} {onclose}>
  <form
    onsubmit={(event) => {
      event.preventDefault();
      onadd({ by, outcome: 'tap', move: move || undefined, from: from || undefined });
    }}
  >
    <div class="my-3 grid gap-3">
      <Combo
        label="With what"
        value={move}
        choices={submissionChoices()}
        none="don't know"
        onchoose={(id) => (move = id)}
      />
      <Combo
        label="From where"
        value={from}
        choices={placeChoices()}
        none="don't know"
        onchoose={(id) => (from = id)}
      />
    </div>
    <button class="do" type="submit">Count it</button>
    <button class="may" type="button" onclick={onclose}>Leave it</button>
  </form>
</Float>
