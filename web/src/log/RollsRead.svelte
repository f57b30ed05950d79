<!-- The rolls as they were read while writing: each with whom, its stick, and its notches to open and put right. -->
<script lang="ts">
  import type { Schemas } from '../api/client';
  import Stick from '../stick/Stick.svelte';
  import { secondsOf, times } from '../words';

  let {
    reading,
    partners,
    partner,
    corrected,
    sticks,
    onopen,
    onundoall,
    onmean,
    onjump,
  }: {
    reading: Schemas['ReadingView'];
    partners: Schemas['PartnerView'][];
    /** The partner chosen beside the telling. */
    partner: string;
    corrected: number;
    /** The sticks are not shown elsewhere. */
    sticks: boolean;
    onopen: (read: Schemas['NotchRead']) => void;
    onundoall: () => void;
    onmean: (name: string, partner: string) => void;
    /** Goes to a time of the film, when there is one. */
    onjump?: (seconds: number) => void;
  } = $props();

  const none = $derived(reading.rolls.every((r) => r.exchanges.every((e) => e.notches.length === 0)));
  const several = $derived(reading.rolls.length > 1);
  const chosen = $derived(partners.find((p) => p.partner.id === partner)?.partner.name);
  // A name in the telling wins; a mere description does not stand against the partner who was chosen.
  const who = (roll: Schemas['RollRead'], index: number) =>
    roll.with && (roll.with.name || index > 0 || !chosen)
      ? roll.with.say
      : index === 0 && chosen
        ? chosen
        : 'someone';
</script>

{#each reading.rolls as roll, r (r)}
  {@const told = roll.with}
  <section aria-label={several ? `Roll ${r + 1}` : 'What was read'}>
    {#if several || told?.name}
      <div class="with">
        <h2>{several ? `Roll ${r + 1}, with` : 'With'} {who(roll, r)}</h2>
        {#if told?.name}
          {@const name = told.name}
          <label class="who"
            ><span class="sr-only">Who is {name}?</span>
            <select
              value={told.partner ?? (told.new ? '+' : '')}
              onchange={(e) => onmean(name, e.currentTarget.value)}
            >
              {#if !told.partner || told.new}<option value="+">{name}, a new partner</option>{/if}
              <option value="">someone</option>
              {#each partners as p (p.partner.id)}<option value={p.partner.id}>{p.partner.name}</option
                >{/each}
            </select></label
          >
        {/if}
      </div>
    {/if}
    {#if sticks || several}<Stick
        stick={roll.stick}
        size={several ? 'row' : 'wide'}
        label={several ? `Roll ${r + 1} as told` : 'The roll as told'}
      />{/if}
    {#each roll.exchanges as exchange, e (e)}
      {#if roll.exchanges.length > 1}<p class="quiet from">
          Exchange {e + 1}{exchange.start ? `, from ${exchange.start}` : ''}
        </p>{/if}
      <ol class="notches">
        {#each exchange.notches as read, n (n)}
          {@const at = secondsOf(read.notch.at)}
          <li>
            <button
              class="notch {read.notch.by}"
              class:unsure={read.notch.unsure && !read.corrected}
              onclick={() => onopen(read)}
            >
              <svg width="14" height="10" viewBox="0 0 14 10" aria-hidden="true"
                ><path d={read.notch.by === 'me' ? 'M0 0h14L7 10z' : 'M0 10h14L7 0z'} /></svg
              >
              <span>{read.say}{read.corrected ? ' (put right)' : ''}</span>
            </button>
            {#if at !== null}
              {#if onjump}<button
                  class="at"
                  onclick={() => onjump(at)}
                  aria-label="Go to {read.notch.at} in the film">{read.notch.at}</button
                >{:else}<span class="at">{read.notch.at}</span>{/if}
            {/if}
          </li>
        {/each}
      </ol>
    {/each}
    {#each roll.takeaways as takeaway (takeaway)}<p class="takeaway">
        <strong>Takeaway:</strong>
        {takeaway}
      </p>{/each}
  </section>
{/each}
{#if none}<p class="quiet">
    Nothing read yet. Name a move or a place: "I pulled guard", "he took my back".
  </p>{/if}
{#if reading.unread.length > 0}
  <p class="quiet note">
    What is underlined wavy was not understood: {reading.unread
      .slice(0, 6)
      .map((u) => `“${u.text.slice(0, 40)}”`)
      .join(', ')}{reading.unread.length > 6
      ? ` and ${times(reading.unread.length - 6, 'more', 'more')}`
      : ''}. It is kept as you wrote it.
  </p>
{/if}
{#if corrected > 0}<button class="may note" onclick={onundoall}>Undo all corrections</button>{/if}

<style>
  section {
    margin-top: 1rem;
  }
  section + section {
    border-top: 1px solid var(--edge);
    padding-top: 0.75rem;
  }
  .with {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 0.25rem 1rem;
    margin-bottom: 0.25rem;
  }
  .who select {
    min-height: 44px;
    max-width: 16rem;
    padding: 0 0.625rem;
    border: 1px solid var(--edge);
    border-radius: 3px;
    background: var(--raised);
    font: inherit;
  }
  .from,
  .takeaway,
  .note {
    margin-top: 0.5rem;
  }
  /* Two columns where there is room for two. */
  .notches {
    columns: 2 24rem;
    column-gap: 2rem;
  }
  .notches li {
    break-inside: avoid;
  }
  li {
    display: flex;
    border-bottom: 1px solid var(--grain);
  }
  li:has(.unsure) {
    border-bottom: 1px dashed var(--edge);
  }
  .notch {
    display: flex;
    flex: 1;
    gap: 0.625rem;
    align-items: baseline;
    min-height: 44px;
    padding: 0.5rem 0.5rem;
    text-align: left;
    cursor: pointer;
  }
  .notch:hover,
  button.at:hover {
    background: var(--wood);
  }
  .notch svg {
    flex: none;
    fill: var(--mine);
  }
  .notch.partner svg {
    fill: var(--theirs);
  }
  .at {
    min-width: 3.5rem;
    min-height: 44px;
    padding: 0.5rem;
    text-align: right;
    color: var(--quiet);
  }
  button.at {
    color: var(--ink);
    text-decoration: underline;
    cursor: pointer;
  }
</style>
