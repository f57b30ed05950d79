<!-- My week: which days and how many minutes, days off, the competition that is coming, what is sore, and where schools differ. -->
<script lang="ts">
  import { api, got, Trouble, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import DayField from '../kit/DayField.svelte';
  import { tellTrouble } from '../kit/notices';
  import Segments from '../kit/Segments.svelte';
  import Toggle from '../kit/Toggle.svelte';
  import Terms from '../parts/Terms.svelte';
  import { need, terms } from '../parts/trade.svelte';

  type Week = Schemas['WeekDocument'];
  type Day = Schemas['TrainingDayDocument'];

  let { plan, onkept }: { plan: Schemas['PlanView']; onkept: () => void } = $props();
  need(terms);
  const settings = resource(() => got(api.GET('/api/settings')));

  // svelte-ignore state_referenced_locally
  let week = $state<Week>(structuredClone(plan.week ?? {}));
  let faults = $state<Record<string, string[]>>({});
  let sorePlace = $state<Schemas['SoreSpotDocument']['place'] | ''>('');
  let dayOff = $state('');

  const days = $derived(terms.value?.weekdays ?? []);
  const trained = (id: string) => week.days?.find((d) => d.day === id);
  const minutes = (written: string) => Math.max(0, Math.min(240, Math.round(Number(written) || 0)));

  function train(id: Day['day'], on: boolean) {
    const others = (week.days ?? []).filter((d) => d.day !== id);
    week.days = on ? [...others, { day: id, drilling: 10, positional: 10 }] : others;
    void keep();
  }

  // One at a time: an answer to an earlier press does not undo a later one.
  let keeping = false;
  let changed = false;
  async function keep() {
    changed = true;
    if (keeping) return;
    keeping = true;
    faults = {};
    try {
      while (changed) {
        changed = false;
        await got(api.PUT('/api/plan/week', { body: $state.snapshot(week) }));
      }
      onkept();
    } catch (error) {
      if (error instanceof Trouble) faults = error.fields;
      tellTrouble(error);
    } finally {
      keeping = false;
    }
  }

  function addSore() {
    if (!sorePlace) return;
    const others = (week.sore ?? []).filter((s) => s.place !== sorePlace);
    week.sore = [...others, { place: sorePlace, mild: false, since: plan.today }];
    sorePlace = '';
    void keep();
  }

  async function stop() {
    week.stopped = [...(week.stopped ?? []), plan.today];
    await keep();
  }

  const stoppedToday = $derived(week.stopped?.includes(plan.today) ?? false);
</script>

<section aria-labelledby="week">
  <h2 id="week">My week</h2>
  <div class="days">
    {#each days as one (one.id)}
      {@const d = trained(one.id)}
      <div class="day">
        <Toggle label={one.say} checked={!!d} onchange={(on) => train(one.id as Day['day'], on)} />
        {#if d}
          <label class="field"
            ><span>Drilling, min</span><input
              type="number"
              min="0"
              max="240"
              value={d.drilling}
              onchange={(e) => ((d.drilling = minutes(e.currentTarget.value)), void keep())}
            /></label
          >
          <label class="field"
            ><span>Rounds, min</span><input
              type="number"
              min="0"
              max="240"
              value={d.positional}
              onchange={(e) => ((d.positional = minutes(e.currentTarget.value)), void keep())}
            /></label
          >
          <label class="field"
            ><span>Begins</span><input
              type="time"
              value={d.time ?? ''}
              onchange={(e) => ((d.time = e.currentTarget.value || undefined), void keep())}
            /></label
          >
          <Terms label="Worn" of="attires" none="varies" bind:value={d.attire} onchoose={() => void keep()} />
        {/if}
      </div>
    {/each}
  </div>
  {#each Object.entries(faults) as [where, what] (where)}<p class="fault" role="alert">
      {where}
      {what.join(' ')}
    </p>{/each}

  <details>
    <summary>Days off, a competition, schools</summary>
    <div class="more">
      <DayField
        label="A day off"
        value={dayOff}
        onchange={(next) => {
          dayOff = '';
          week.daysOff = [...new Set([...(week.daysOff ?? []), next])];
          void keep();
        }}
      />
      {#each week.daysOff ?? [] as off (off)}
        <button
          class="may"
          aria-label="{off} is no day off"
          onclick={() => {
            week.daysOff = week.daysOff?.filter((d) => d !== off);
            void keep();
          }}>{off} ×</button
        >
      {/each}
      <DayField
        label="Competition on"
        value={week.competition?.date ?? ''}
        onchange={(date) => {
          week.competition = { ...week.competition, date };
          void keep();
        }}
      />
      {#if week.competition}
        <Terms
          label="Worn there"
          of="attires"
          none="not said"
          bind:value={week.competition.attire}
          onchoose={() => void keep()}
        />
        <label class="field"
          ><span>Points by</span><select
            value={week.competition.rules ?? ''}
            onchange={(e) => {
              week.competition = { ...week.competition, rules: e.currentTarget.value || undefined };
              void keep();
            }}
          >
            <option value="">my usual rules</option>
            {#each settings.value?.rulesets ?? [] as one (one.id)}<option value={one.id}>{one.name}</option
              >{/each}
          </select></label
        >
        <label class="field"
          ><span>Division</span><input
            value={week.competition.division ?? ''}
            maxlength="120"
            onchange={(e) => {
              week.competition = { ...week.competition, division: e.currentTarget.value || undefined };
              void keep();
            }}
          /></label
        >
        <button
          class="may"
          onclick={() => {
            week.competition = undefined;
            void keep();
          }}>No competition</button
        >
      {/if}
    </div>
    <p class="quiet">Where schools differ, the rounds say it your way:</p>
    {#each plan.schools as school (school.id)}
      <Segments
        label="{school.first} or {school.second}"
        value={week.second?.includes(school.id as never) ? 'second' : 'first'}
        choices={[
          { id: 'first', say: school.first },
          { id: 'second', say: school.second },
        ]}
        onchoose={(chosen) => {
          const others = (week.second ?? []).filter((s) => s !== school.id);
          week.second = chosen === 'second' ? [...others, school.id as never] : others;
          void keep();
        }}
      />
    {/each}
  </details>

  <h3>Sore?</h3>
  {#each week.sore ?? [] as spot (spot.place)}
    <div class="sore">
      <strong>{spot.place}</strong>
      <Toggle
        label="mild"
        checked={spot.mild ?? false}
        onchange={(mild) => {
          spot.mild = mild;
          void keep();
        }}
      />
      <button
        class="may"
        onclick={() => {
          week.sore = week.sore?.filter((s) => s.place !== spot.place);
          void keep();
        }}>Cleared</button
      >
    </div>
  {/each}
  {#if week.sore?.length}<p>{plan.advice}</p>{/if}
  <div class="narrowing">
    <Terms
      label="What is sore"
      of="sorePlaces"
      none="nothing more"
      bind:value={sorePlace}
      onchoose={addSore}
    />
  </div>
  {#if stoppedToday}
    <p class="caution">Nothing more today: stop, and see a doctor before you train again.</p>
    <button
      class="may"
      onclick={() => {
        week.stopped = week.stopped?.filter((d) => d !== plan.today);
        void keep();
      }}>That was pressed by mistake</button
    >
  {:else}
    <button class="may" onclick={stop}>I blacked out or was hit on the head today</button>
  {/if}
</section>

<style>
  .day {
    display: grid;
    grid-template-columns: 8.5rem repeat(2, 5.75rem) 6.75rem minmax(5.5rem, 8rem);
    gap: 0.5rem;
    align-items: end;
    padding: 0.375rem 0;
    border-bottom: 1px solid var(--color-grain);
  }
  @media (max-width: 700px) {
    .day {
      grid-template-columns: repeat(2, minmax(0, 1fr));
    }
    .day :global([data-scope='switch'][data-part='root']) {
      grid-column: 1 / -1;
    }
  }
  .day :global([data-part='label']) {
    text-transform: capitalize;
  }
  .more {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
    gap: 0.75rem;
    align-items: end;
    margin-bottom: 0.75rem;
  }
  .sore {
    display: flex;
    gap: 0.75rem;
    align-items: center;
  }
  .sore strong {
    text-transform: capitalize;
    min-width: 6rem;
  }
  h3 {
    margin-top: 1rem;
  }
  .caution {
    border-left: 4px solid var(--color-theirs);
    padding-left: 0.625rem;
    font-weight: 600;
  }
</style>
