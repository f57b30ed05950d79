<!-- The roll as a referee would have scored it: how it stands, each line with its reason, and what would change who is ahead. -->
<script lang="ts">
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import Failed from '../kit/Failed.svelte';
  import { tell } from '../kit/notices';
  import Waiting from '../kit/Waiting.svelte';
  import OfficialForm from './OfficialForm.svelte';
  import type { NotchAt, OpenRoll } from './open-roll.svelte';
  import RulingForm from './RulingForm.svelte';

  let {
    open,
    view,
    onchoose,
  }: {
    open: OpenRoll;
    view: Schemas['RollView'];
    onchoose: (at: NotchAt) => void;
  } = $props();

  let rules = $state('');
  let overruling = $state.raw<Schemas['Line'] | null>(null);
  let official = $state(false);
  const id = $derived(view.roll.id ?? '');
  const asked = resource(() => {
    // Another form of the roll is scored anew.
    void view.version;
    return got(
      api.GET('/api/rolls/{id}/ledger', { params: { path: { id }, query: { rules: rules || undefined } } }),
    );
  });
  const ledger = $derived(asked.value);
  const board = $derived(
    ledger?.official?.me?.points != null && ledger.official.partner?.points != null
      ? `${ledger.official.me.points}-${ledger.official.partner.points}`
      : '',
  );

  async function rule(line: Schemas['Line'], ruling: Schemas['RulingDocument'] | null) {
    const { exchange, notch } = line;
    if (notch == null) return;
    const kept = await open.change((roll) => {
      const at = roll.exchanges?.[exchange]?.notches?.[notch];
      if (!at) return;
      const others = (at.rulings ?? []).filter((r) => r.for !== line.event);
      const next = ruling ? [...others, ruling] : others;
      at.rulings = next.length > 0 ? next : undefined;
    });
    // A line is of the roll as it was; of another form it is looked for anew.
    if (kept || open.changedElsewhere) overruling = null;
    if (!kept) tell({ text: open.failed, trouble: true });
  }

  async function held(line: Schemas['Line'], was: boolean) {
    const kept = await open.change((roll) => {
      const at = line.notch == null ? undefined : roll.exchanges?.[line.exchange]?.notches?.[line.notch];
      if (at) at.held = was;
    });
    if (!kept) tell({ text: open.failed, trouble: true });
  }

  async function said(result: Schemas['OfficialDocument'] | null) {
    const kept = await open.change((roll) => {
      roll.official = result ?? undefined;
      if (result) roll.kind = 'match';
    });
    if (kept) official = false;
    else tell({ text: open.failed, trouble: true });
  }
</script>

<Failed of={asked} />
{#if asked.waiting && !ledger}<Waiting what="Keeping score" />{/if}
{#if ledger}
  <label>
    By
    <select value={ledger.rules} onchange={(event) => (rules = event.currentTarget.value)}>
      {#each ledger.others as other (other.id)}<option value={other.id}>{other.name}</option>{/each}
    </select>
  </label>
  <p class="standing">{ledger.say}</p>
  {#if ledger.ifNotHeld}<p class="quiet">{ledger.ifNotHeld}</p>{/if}
  {#if ledger.match}
    <div class="official">
      <p>
        <strong>By what is written {ledger.me}-{ledger.partner}; on the board {board || 'not told'}.</strong>
        <button class="may" onclick={() => (official = !official)}>What the referee said</button>
      </p>
      {#each ledger.differs as differs (differs)}<p>{differs}</p>{/each}
      {#if official}
        <OfficialForm official={ledger.official ?? {}} onsave={said} onclose={() => (official = false)} />
      {/if}
    </div>
  {/if}
  <ol>
    {#each ledger.lines as line, i (i)}
      {@const notch = line.notch}
      <li class={line.by}>
        <span class="figure">{line.gained}</span>
        <span>
          <strong>{line.by === 'me' ? 'You' : 'They'}: {line.for}</strong>{line.at ? ` at ${line.at}` : ''}.
          {line.why}
          {#if line.computed}<span class="quiet">{line.computed}</span>{/if}
        </span>
        {#if notch != null}
          <span class="keys">
            {#if line.heldUnsaid}
              <button onclick={() => held(line, true)}>Held</button>
              <button onclick={() => held(line, false)}>Not held</button>
            {/if}
            <button onclick={() => onchoose({ exchange: line.exchange, notch })}>Where</button>
            <button onclick={() => (overruling = overruling === line ? null : line)}>Overrule</button>
          </span>
        {/if}
        {#if overruling === line}
          <RulingForm
            {line}
            onsave={(ruling) => rule(line, ruling)}
            onback={line.computed ? () => rule(line, null) : undefined}
            onclose={() => (overruling = null)}
          />
        {/if}
      </li>
    {:else}
      <li class="quiet">Nothing in it scores.</li>
    {/each}
  </ol>
  {#each ledger.faults as fault (fault)}<p class="fault">{fault}</p>{/each}
  {#each ledger.flips as flip (flip)}<p>{flip}</p>{/each}
  {#each ledger.lead as said (said)}<p>{said}</p>{/each}
  <p class="quiet text-[0.9375rem]">
    {ledger.match
      ? 'As it would stand by what is written.'
      : 'As it would stand; a training roll has no referee.'} Source: {ledger.source}.
  </p>
{/if}

<style>
  label {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem;
  }
  .standing {
    font-family: var(--typo-heading--font-family);
    font-size: 1.375rem;
    font-weight: 650;
    margin-top: 0.75rem;
  }
  .official {
    margin-top: 0.5rem;
    padding: 0.625rem 0.875rem;
    background: var(--color-raised);
    border: 1px solid var(--color-grain);
    border-radius: var(--radius-container);
  }
  .official > p:first-child {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 0.25rem 1rem;
  }
  ol {
    margin: 0.75rem 0;
    padding: 0;
    list-style: none;
  }
  li {
    display: grid;
    grid-template-columns: 6.5rem minmax(0, 1fr) auto;
    align-items: center;
    gap: 0 0.75rem;
    padding: 0.375rem 0 0.375rem 0.75rem;
    border-bottom: 1px solid var(--color-grain);
  }
  li.me {
    border-left: 4px solid var(--color-mine);
  }
  li.partner {
    border-left: 4px solid var(--color-theirs);
  }
  @media (max-width: 700px) {
    li {
      grid-template-columns: minmax(0, 1fr);
      gap: 0;
    }
  }
  .figure {
    font-variant-numeric: tabular-nums;
    font-weight: 650;
  }
  .keys {
    display: flex;
    flex-wrap: wrap;
    gap: 0 0.875rem;
    max-width: 11rem;
  }
  .keys button {
    min-height: 2.75rem;
    text-decoration: underline;
  }
</style>
