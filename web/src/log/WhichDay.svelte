<!-- A day that is not today is said, and changed by one press: nothing is put on a wrong day in silence. -->
<script lang="ts">
  import { day } from '../base/words';

  let {
    now,
    date,
    lastDay,
    told,
    said = null,
    onchange,
  }: {
    /** The day it is. */
    now: string;
    date: string;
    /** The day of the roll that was told just before, where it was another. */
    lastDay: string;
    /** Something is told already. */
    told: boolean;
    /** The day that the telling's own words name. */
    said?: string | null;
    onchange: (date: string) => void;
  } = $props();

  /** The day named that was waved off. */
  let kept = $state<string | null>(null);
</script>

{#if date > now}
  <p class="fault" role="alert">
    {day(date)} is still to come; a roll is told for today or a day before.
    <button class="may" onclick={() => onchange(now)}>Make it today</button>
  </p>
{:else if said && said !== date && said !== kept}
  <p class="day" role="status">
    You wrote of {day(said)}; this is for {date === now ? 'today' : day(date)}.
    <button class="may" onclick={() => onchange(said)}>Make it {day(said)}</button>
    <button class="may" onclick={() => (kept = said)}>Leave it</button>
  </p>
{:else if date !== now}
  <p class="day" role="status">
    {told ? 'This telling is' : 'What you tell is'} for {day(date)}, not for today.
    <button class="may" onclick={() => onchange(now)}>Make it today</button>
  </p>
{:else if lastDay && lastDay !== now}
  <p class="day" role="status">
    This one is for today; the one before was for {day(lastDay)}.
    <button class="may" onclick={() => onchange(lastDay)}>Same day as that</button>
  </p>
{/if}

<style>
  p {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.375rem 0.75rem;
    margin: 0.375rem 0;
  }
  .day {
    border-left: 3px solid var(--color-ink);
    padding-left: 0.625rem;
  }
</style>
