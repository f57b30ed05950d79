<!-- How it feels, area by area, beside what the record says. -->
<script lang="ts">
  import { api, got, type Schemas } from '../api/client';
  import { day } from '../base/words';
  import { tellTrouble } from '../kit/notices';

  let { areas, today, onkept }: { areas: Schemas['AreaView'][]; today: string; onkept: () => void } =
    $props();

  const scores = Array.from({ length: 11 }, (_, score) => String(score));

  const now = (area: Schemas['AreaView']) => (area.last?.date === today ? String(area.last.score) : '');

  async function rate(area: Schemas['AreaView'], select: HTMLSelectElement) {
    if (select.value === '') return;
    try {
      const body = [{ date: today, area: area.area as Schemas['Family'], score: Number(select.value) }];
      await got(api.PUT('/api/plan/ratings', { body }));
      onkept();
    } catch (error) {
      // What was not kept does not stand there as if it were.
      select.value = now(area);
      tellTrouble(error);
    }
  }

  const rated = (area: Schemas['AreaView']) =>
    [
      area.last && area.last.date !== today ? `${area.last.score} on ${day(area.last.date)}` : '',
      area.before ? `${area.before.score} on ${day(area.before.date)}` : '',
    ]
      .filter(Boolean)
      .join(', ');
</script>

<details>
  <summary>How do you rate yourself? (0 lost there, 10 at home)</summary>
  <ul>
    {#each areas as area (area.area)}
      <li>
        <label class="field"
          ><span class="first-letter:uppercase">{area.say}</span><select
            value={now(area)}
            onchange={(event) => rate(area, event.currentTarget)}
          >
            <option value="">today</option>
            {#each scores as score (score)}<option value={score}>{score}</option>{/each}
          </select></label
        >
        <p>
          {#if rated(area)}<span>Was {rated(area)}.</span>{/if}
          <span class="quiet">{area.record}</span>
        </p>
      </li>
    {/each}
  </ul>
</details>

<style>
  ul {
    list-style: none;
  }
  li {
    display: grid;
    grid-template-columns: 7.5rem minmax(0, 1fr);
    gap: 0.25rem 1rem;
    align-items: end;
    padding: 0.5rem 0;
    border-bottom: 1px solid var(--color-grain);
  }
</style>
