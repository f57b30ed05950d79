<!-- One place of the map: what comes in, what goes out, and what if its ways out went otherwise. -->
<script lang="ts">
  import type { Schemas } from '../api/client';
  import { onceIn } from '../base/words';
  import Scrubber from '../kit/Scrubber.svelte';

  interface Props {
    knot: Schemas['Knot'];
    knots: Schemas['Knot'][];
    flows: Schemas['Flow'][];
    ways: Schemas['WayOut'][];
    /** The power of two that the odds of a way out are multiplied by. */
    power: (out: Schemas['WayOut']) => number;
    onmove: (out: Schemas['WayOut'], power: number) => void;
  }
  let { knot, knots, flows, ways, power, onmove }: Props = $props();

  const name = (id: string) => knots.find((k) => k.id === id)?.name ?? id;
  const sides = $derived([
    { title: 'What comes in', flows: flows.filter((f) => f.to === knot.id), other: 'from' as const },
    { title: 'What goes out', flows: flows.filter((f) => f.from === knot.id), other: 'to' as const },
  ]);
  const shown = 6;
  const here = $derived(ways.filter((w) => knot.places.includes(w.way.from)));
  const asOften = (at: number) => (at === 0 ? 'as it is' : `${(2 ** at).toFixed(1)} times as likely`);
</script>

<h2 id="place">{knot.name}</h2>
{#if knot.say}<p>{knot.say}</p>{/if}
{#each sides as side (side.title)}
  {#if side.flows.length > 0}
    <h3>{side.title}</h3>
    <table>
      <thead class="sr-only"><tr><th>Place</th><th>Whose</th><th>Times a roll</th><th>Logged</th></tr></thead>
      <tbody>
        {#each side.flows.slice(0, shown) as flow (`${flow.from} ${flow.to} ${flow.by}`)}
          <tr>
            <td>{name(flow[side.other])}</td>
            <td class={flow.by}>{flow.by === 'me' ? 'mine' : 'theirs'}</td>
            <td>{onceIn(flow.perRoll)}</td>
            <td class="quiet">{flow.count} logged</td>
          </tr>
        {/each}
      </tbody>
    </table>
    {#if side.flows.length > shown}<p class="quiet">And {side.flows.length - shown} that are thinner.</p>{/if}
  {/if}
{/each}
{#if here.length > 0}
  <h3>What if</h3>
  <ul>
    {#each here as out (`${out.way.from} ${out.way.by} ${out.way.move ?? out.way.to}`)}
      {@const whose = out.way.by === 'me' ? 'Your' : 'Their'}
      <li>
        <span><b class={out.way.by}>{whose}</b> {out.say}</span>
        <span class="quiet">{out.count} of {out.attempts}; {asOften(power(out))}</span>
        <Scrubber
          label="{whose} {out.say}"
          value={power(out)}
          least={-2}
          most={2}
          step={0.25}
          say={asOften}
          onmove={(at) => onmove(out, at)}
        />
      </li>
    {/each}
  </ul>
{/if}

<style>
  table {
    width: 100%;
    border-collapse: collapse;
    font-variant-numeric: tabular-nums;
  }
  td {
    padding: 0.25rem 0.5rem 0.25rem 0;
    border-bottom: 1px solid var(--color-grain);
    vertical-align: top;
  }
  .me {
    color: var(--color-mine);
  }
  .partner {
    color: var(--color-theirs);
  }
  h3 {
    margin-top: 1rem;
  }
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0 1rem;
    padding-top: 0.5rem;
  }
  li :global([data-scope='slider'][data-part='root']) {
    grid-column: 1 / -1;
  }
</style>
