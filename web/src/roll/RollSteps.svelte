<!-- The steps of a roll, exchange by exchange, each to open; a step may be added to any of them. -->
<script lang="ts">
  import type { Schemas } from '../api/client';
  import { plain } from '../base/words';
  import NotchRow from '../parts/NotchRow.svelte';
  import type { Cut } from '../stick/shape';
  import type { NotchAt } from './open-roll.svelte';

  let {
    view,
    chosen,
    onopen,
    onjump,
  }: {
    view: Schemas['RollView'];
    chosen: Cut | null;
    onopen: (at: NotchAt, beside: Element, added: boolean) => void;
    /** Goes to a notch's time in the film, when there is one. */
    onjump?: (cut: Cut) => void;
  } = $props();

  const timeOf = (e: number, n: number) => view.roll.exchanges?.[e]?.notches?.[n]?.at;
</script>

{#each view.row.stick.exchanges as exchange, e (e)}
  <h3 class="mt-2">{exchange.start ? `From ${exchange.start}` : 'Start not told'}</h3>
  <ol>
    {#each exchange.cuts as cut, n (n)}
      <NotchRow
        by={cut.by ?? 'me'}
        words={cut.words}
        at={timeOf(e, n)}
        chosen={chosen?.exchange === e && chosen.notch === n}
        onopen={(row) => onopen({ exchange: e, notch: n }, row, false)}
        onjump={onjump && (() => onjump(cut))}
      />
    {/each}
  </ol>
  <p class="quiet flex min-h-[44px] items-center justify-between">
    {exchange.end ? `Ended by ${plain(exchange.end)}.` : ''}
    <button
      class="min-h-[44px] cursor-pointer text-ink underline"
      onclick={(event) => onopen({ exchange: e, notch: exchange.cuts.length }, event.currentTarget, true)}
      >Add a notch</button
    >
  </p>
{/each}
