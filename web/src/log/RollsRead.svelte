<!-- The rolls as they were read while writing: each with whom, its stick, and its notches to open and put right. -->
<script lang="ts">
  import type { Schemas } from '../api/client';
  import Combo from '../kit/Combo.svelte';
  import NotchRow from '../parts/NotchRow.svelte';
  import { partnerChoices } from '../parts/trade.svelte';
  import Stick from '../stick/Stick.svelte';
  import { times } from '../base/words';
  import ToldFacts from './ToldFacts.svelte';

  let {
    reading,
    text,
    partners,
    corrected,
    sticks,
    onopen,
    onundoall,
    onmean,
    onwith,
    onstrike,
    oncut,
    onsay,
    onjump,
  }: {
    reading: Schemas['ReadingView'];
    /** The telling that was read. */
    text: string;
    partners: Schemas['PartnerView'][];
    corrected: number;
    /** The sticks are not shown elsewhere. */
    sticks: boolean;
    onopen: (read: Schemas['NotchReadView'], beside: Element) => void;
    onundoall: () => void;
    /** Whom a name means, wherever it stands. */
    onmean: (name: string, partner: string) => void;
    /** Whom one roll was with, by where it begins; null takes back what was said of it. */
    onwith: (words: string, occurrence: number, partner: string | null) => void;
    /** The words say nothing of the roll as a whole. */
    onstrike: (words: string) => void;
    /** A roll begins at a sentence, or none does. */
    oncut: (start: Schemas['RollStart'], begins: boolean) => void;
    /** Says what words mean that were not understood. */
    onsay: (unread: Schemas['Unread'], occurrence: number, beside: Element) => void;
    /** Goes to a time of the film, when there is one. */
    onjump?: (seconds: number) => void;
  } = $props();

  /** As the draft writes that a name is somebody new. */
  const someoneNew = '+';

  const none = $derived(reading.rolls.every((r) => r.exchanges.every((e) => e.notches.length === 0)));
  /** Which roll is being cut otherwise. */
  let opened = $state(-1);
  const begun = $derived(reading.starts.filter((s) => s.begins));
  const several = $derived(reading.rolls.length > 1);
  const mostMissed = 5;
  const missed = $derived(reading.unread.filter((u) => u.looksLikeEvent));
  const rest = $derived(reading.unread.filter((u) => !u.looksLikeEvent));
  // Which time the same words stand there.
  // A name that nobody has is somebody's wherever it stands; else the roll alone was with somebody else.
  function meet(roll: Schemas['RollReadView'], start: Schemas['RollStart'] | undefined, partner: string) {
    const { name, new: isNew } = roll.with ?? {};
    const [words, occurrence] = start ? [start.words, start.occurrence] : ['', 0];
    const isName = partner === someoneNew || (isNew && partner !== '');
    onwith(words, occurrence, isName ? null : partner);
    if (isName && name) onmean(name, partner);
  }
  const before = (one: Schemas['Unread']) => text.slice(0, one.start).split(one.text).length - 1;
</script>

{#each reading.rolls as roll, r (r)}
  {@const told = roll.with}
  {@const start = begun[r - 1]}
  {@const within = reading.starts.filter(
    (s) => !s.begins && s.offset > (start?.offset ?? -1) && s.offset < (begun[r]?.offset ?? Infinity),
  )}
  <section aria-label={several ? `Roll ${r + 1}` : 'What was read'}>
    {#if several || told?.name}
      <div class="with">
        <h2>{several ? `Roll ${r + 1}, with` : 'With'} {told?.say ?? 'someone'}</h2>
        <div class="w-56 max-w-full">
          <Combo
            label={told?.name ? `Who is ${told.name}?` : `Who was roll ${r + 1} with?`}
            hideLabel
            value={told?.partner ?? (told?.new ? someoneNew : '')}
            choices={[
              ...(told?.name && (!told.partner || told.new)
                ? [{ value: someoneNew, label: `${told.name}, a new partner` }]
                : []),
              ...partnerChoices(partners),
            ]}
            none="someone"
            onchoose={(partner) => meet(roll, start, partner)}
          />
        </div>
      </div>
    {/if}
    {#if roll.facts.length > 0}<ToldFacts facts={roll.facts} {onstrike} />{/if}
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
          <NotchRow
            by={read.notch.by ?? 'me'}
            words={read.corrected ? `${read.say} (put right)` : read.say}
            at={read.notch.at}
            unsure={!!read.notch.unsure && !read.corrected}
            onopen={(beside) => onopen(read, beside)}
            {onjump}
          />
        {/each}
      </ol>
    {/each}
    {#if start || within.length > 0}
      <details class="cut" ontoggle={(event) => (opened = event.currentTarget.open ? r : -1)}>
        <summary class="quiet underline">Cut it otherwise</summary>
        {#if opened === r}
          {#if start}<button class="may" onclick={() => oncut(start, false)}
              >Join it to the roll before</button
            >{/if}
          {#if within.length > 0}<p class="quiet">A new roll begins at</p>{/if}
          {#each within as other (other.offset)}
            <button class="may" onclick={() => oncut(other, true)}>{other.words} …</button>
          {/each}
        {/if}
      </details>
    {/if}
    {#each roll.takeaways as takeaway (takeaway)}<p class="takeaway">
        <strong>Takeaway:</strong>
        {takeaway}
      </p>{/each}
    {#each roll.remembered as one, i (i)}<p class="takeaway">
        <strong>{one.what}:</strong>
        {one.text}
      </p>{/each}
  </section>
{/each}
{#if none}<p class="quiet">
    Nothing read yet. Name a move or a place: "I pulled guard", "he took my back".
  </p>{/if}
{#if missed.length > 0}
  <section aria-label="Not read">
    <p>Something seems to happen here, and it was not read. Press what matters, and say what it was.</p>
    <p class="missed">
      {#each missed.slice(0, mostMissed) as one (one.start)}
        <button class="may" onclick={(event) => onsay(one, before(one), event.currentTarget)}
          >“{one.text}”</button
        >
      {/each}
    </p>
  </section>
{/if}
{#if rest.length > 0}
  <p class="quiet note">
    What is underlined wavy was not understood: {rest
      .slice(0, 6)
      .map((u) => `“${u.text.slice(0, 40)}”`)
      .join(', ')}{rest.length > 6 ? ` and ${times(rest.length - 6, 'more', 'more')}` : ''}. It is kept as you
    wrote it.
  </p>
{/if}
{#if corrected > 0}<button class="may note" onclick={onundoall}>Undo all corrections</button>{/if}

<style>
  section {
    margin-top: 1rem;
  }
  section + section {
    border-top: 1px solid var(--color-edge);
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
  .missed {
    display: flex;
    flex-wrap: wrap;
    gap: 0.375rem;
    margin-top: 0.375rem;
  }
  .missed .may {
    text-align: left;
    border-style: dashed;
  }
  .from,
  .takeaway,
  .note {
    margin-top: 0.5rem;
  }
  .cut > :global(*) {
    margin-top: 0.375rem;
  }
  .cut summary {
    min-height: 44px;
    padding-top: 0.625rem;
    cursor: pointer;
  }
  /* Two columns where there is room for two. */
  .notches {
    columns: 2 24rem;
    column-gap: 2rem;
  }
</style>
