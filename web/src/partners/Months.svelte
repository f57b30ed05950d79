<!-- Month by month with one partner: rolls, taps and what it would have come to on points. -->
<script lang="ts">
  import type { Schemas } from '../api/client';

  let { months, name }: { months: Schemas['PartnerMonth'][]; name: string } = $props();

  const month = new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric', timeZone: 'UTC' });
</script>

<section aria-labelledby="months">
  <h2 id="months">Month by month</h2>
  <table>
    <thead>
      <tr
        ><th scope="col">Month</th><th scope="col">Rolls</th><th scope="col">Taps, you to {name}</th><th
          scope="col">On points</th
        ></tr
      >
    </thead>
    <tbody>
      {#each months as one (one.first)}
        <tr>
          <th scope="row">{month.format(new Date(`${one.first}T00:00:00Z`))}</th>
          <td>{one.rolls}</td>
          <td>{one.myTaps} to {one.theirTaps}</td>
          <td>{one.scored} to {one.lost}</td>
        </tr>
      {/each}
    </tbody>
  </table>
</section>

<style>
  table {
    width: 100%;
  }
  th {
    text-align: left;
    font-weight: 400;
  }
  thead th {
    color: var(--color-quiet);
    font-size: 0.9375rem;
  }
  td,
  th + th {
    text-align: right;
    font-variant-numeric: tabular-nums;
  }
  td,
  th {
    padding: 0.25rem 0;
    border-bottom: 1px solid var(--color-grain);
  }
</style>
