<!-- A weak spot opened: why, how it went over the weeks, its rolls with its notches marked, and drilling it. -->
<script lang="ts">
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { times } from '../base/words';
  import CourseLine from './CourseLine.svelte';
  import LessonsAbout from './LessonsAbout.svelte';
  import RollRow from './RollRow.svelte';
  import WhySpot from './WhySpot.svelte';
  import { drill } from './drill';

  const mostRolls = 8;
  let { spot }: { spot: Schemas['WeakSpot'] } = $props();
  let reason = $state('');

  const way = $derived(spot.way);
  const exchange = $derived({ from: way.from, by: way.by, move: way.move ?? undefined });
  const courses = resource(() => got(api.GET('/api/weak-spots/course', { params: { query: exchange } })));
  const course = $derived(courses.value?.[0]);
  const sticks = resource(async () => {
    const id = spot.rolls.slice(0, mostRolls);
    if (id.length === 0) return [];
    return got(api.GET('/api/rolls', { params: { query: { id, ...exchange, to: way.to ?? undefined } } }));
  });
  const rolls = $derived(sticks.value ?? []);
</script>

<section class="plank" aria-labelledby="why">
  <h2 id="why">Why number {spot.rank}</h2>
  <WhySpot {spot} />
  {#if spot.rank > 1}
    <label class="field"
      ><span>Why this one and not the first? (if you like)</span><input
        bind:value={reason}
        maxlength="300"
      /></label
    >
  {/if}
  <button class="do mt-3" onclick={() => drill({ ...way, reason: reason || undefined })}>Drill this</button>
  <LessonsAbout {way} />
  {#if course}
    <h3>Over the weeks</h3>
    <CourseLine {course} height={84} />
    <p>{course.say}</p>
  {/if}
  <h3>
    {spot.inRolls > rolls.length
      ? `The newest ${rolls.length} of ${spot.inRolls} rolls`
      : times(spot.inRolls, 'roll')}
  </h3>
  {#each rolls as row (row.id)}<RollRow {row} dated />{/each}
</section>

<style>
  section {
    padding: 1rem 1.25rem;
  }
  h3 {
    margin: 1.25rem 0 0.25rem;
  }
  section :global(.row) {
    grid-template-columns: 6.5rem minmax(0, 1fr);
  }
  section :global(.taps) {
    display: none;
  }
</style>
