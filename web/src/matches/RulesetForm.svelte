<!-- Rules of one's own: what scores how much, how long it must be held, what penalties do, how long a match lasts. -->
<script lang="ts">
  import { api, got, Trouble, type Schemas } from '../api/client';
  import Toggle from '../kit/Toggle.svelte';
  import { need, terms } from '../parts/trade.svelte';

  let {
    rules,
    onkept,
    oncancel,
  }: {
    rules: Schemas['RulesetDocument'];
    onkept: (kept: Schemas['RulesetView'][]) => void;
    oncancel: () => void;
  } = $props();

  need(terms);
  // svelte-ignore state_referenced_locally
  let edited = $state({
    ...rules,
    name: rules.name ?? '',
    seconds: rules.seconds ?? 3,
    scores: (rules.scores ?? []).map((s) => ({ ...s })),
    penalties: [...(rules.penalties ?? [])],
    source: rules.source ?? '',
    everyMatch: rules.minutes?.length === 1 ? (rules.minutes[0]?.minutes ?? null) : null,
  });
  let faults = $state<Record<string, string[]>>({});
  let failed = $state('');

  const names = $derived(new Map((terms.value?.scored ?? []).map((t) => [t.id, t.say])));
  const addable = ['takedown', 'sweep', 'pass', 'knee-on-belly', 'mount', 'back'];
  const missing = $derived(addable.filter((a) => edited.scores.every((s) => s.for !== a)));
  const half = 0.5;
  // A fault of a field that has no place of its own is said at the end.
  const other = $derived(
    Object.entries(faults).filter(
      ([where]) => !/^scores\[\d+\]\.(points|pastGuard)$|^name$|^seconds$/.test(where),
    ),
  );

  async function save(event: SubmitEvent) {
    event.preventDefault();
    faults = {};
    failed = '';
    const id = rules.id ?? crypto.randomUUID();
    const { everyMatch, ...rest } = $state.snapshot(edited);
    const body = {
      ...rest,
      id,
      source: rest.source.trim() || 'your own table',
      seconds: rest.seconds ?? undefined,
      scores: rest.scores.map((s) => ({
        ...s,
        points: s.points ?? undefined,
        pastGuard: s.pastGuard ?? undefined,
      })),
      minutes: everyMatch ? [{ minutes: everyMatch }] : rest.minutes,
    } as Schemas['RulesetDocument'];
    try {
      onkept(await got(api.PUT('/api/rulesets/{id}', { params: { path: { id } }, body })));
    } catch (error) {
      failed = (error as Error).message;
      if (error instanceof Trouble) faults = error.fields;
    }
  }
</script>

<form class="plank" aria-label="Rules of your own" onsubmit={save}>
  <div class="grid">
    <label class="field"
      ><span>What they are called</span><input
        bind:value={edited.name}
        maxlength="120"
        aria-invalid={!!faults.name}
      />
      {#if faults.name}<span class="fault" role="alert">{faults.name.join(' ')}</span>{/if}</label
    >
    <label class="field"
      ><span>Held for, in seconds</span><input
        type="number"
        step="0.5"
        bind:value={edited.seconds}
        aria-invalid={!!faults.seconds}
      />
      {#if faults.seconds}<span class="fault" role="alert">{faults.seconds.join(' ')}</span>{/if}</label
    >
    <label class="field"
      ><span>Points count from</span><select
        value={String(edited.pointsFrom ?? 0)}
        onchange={(event) => (edited.pointsFrom = Number(event.currentTarget.value))}
      >
        <option value="0">the beginning</option>
        <option value={String(half)}>half time</option>
        {#if edited.pointsFrom && edited.pointsFrom !== half}
          <option value={String(edited.pointsFrom)}>{edited.pointsFrom * 100} % of the match</option>
        {/if}
      </select></label
    >
    <label class="field"
      ><span>A match lasts, in minutes</span><input
        type="number"
        min="1"
        max="180"
        step="0.5"
        bind:value={edited.everyMatch}
        placeholder={(rules.minutes?.length ?? 0) > 1 ? 'by belt and age' : 'not said'}
      /></label
    >
  </div>
  <h3>What scores</h3>
  <table>
    <thead
      ><tr><th scope="col">For</th><th scope="col">Points</th><th scope="col">Past the legs</th><th></th></tr
      ></thead
    >
    <tbody>
      {#each edited.scores as score, i (score.for)}
        {@const name = names.get(score.for ?? '') ?? score.for ?? ''}
        <tr>
          <th scope="row">{name}</th>
          <td>
            <input
              class="input"
              type="number"
              aria-label="Points for {name}"
              bind:value={score.points}
              aria-invalid={!!faults[`scores[${i}].points`]}
            />
            {#if faults[`scores[${i}].points`]}<span class="fault" role="alert"
                >{faults[`scores[${i}].points`]?.join(' ')}</span
              >{/if}
          </td>
          <td>
            {#if score.for === 'takedown' || score.for === 'sweep'}
              <input
                class="input"
                type="number"
                aria-label="Points for {name} past the legs"
                bind:value={score.pastGuard}
                placeholder="the same"
                aria-invalid={!!faults[`scores[${i}].pastGuard`]}
              />
              {#if faults[`scores[${i}].pastGuard`]}<span class="fault" role="alert"
                  >{faults[`scores[${i}].pastGuard`]?.join(' ')}</span
                >{/if}
            {/if}
          </td>
          <td
            ><button
              class="min-h-[44px] underline"
              type="button"
              aria-label="Take out {name}"
              onclick={() => edited.scores.splice(i, 1)}>Out</button
            ></td
          >
        </tr>
      {/each}
    </tbody>
  </table>
  {#if missing.length > 0}
    <p class="flex flex-wrap gap-2">
      {#each missing as one (one)}
        <button class="may" type="button" onclick={() => edited.scores.push({ for: one as never, points: 2 })}
          >{names.get(one) ?? one} too</button
        >
      {/each}
    </p>
  {/if}
  <div class="grid mt-3">
    <Toggle
      label="Advantages"
      checked={edited.advantages ?? false}
      onchange={(on) => (edited.advantages = on)}
    />
    <Toggle
      label="A body triangle counts as hooks"
      checked={edited.bodyTriangleIsHooks ?? false}
      onchange={(on) => (edited.bodyTriangleIsHooks = on)}
    />
    <label class="field"
      ><span>Pulling guard takes off</span><select
        value={String(-(edited.guardPull ?? 0))}
        onchange={(event) => (edited.guardPull = -Number(event.currentTarget.value))}
      >
        {#each [0, 1, 2] as off (off)}<option value={String(off)}>{off === 0 ? 'nothing' : `${off}`}</option
          >{/each}
      </select></label
    >
  </div>
  <h3>Penalties</h3>
  <div class="grid">
    {#each edited.penalties.keys() as i (i)}
      <label class="field"
        ><span>The {i + 1}. {i === edited.penalties.length - 1 ? 'and any more' : ''}</span><select
          bind:value={edited.penalties[i]}
        >
          {#each terms.value?.penaltySteps ?? [] as step (step.id)}<option value={step.id}>{step.say}</option
            >{/each}
        </select></label
      >
    {/each}
  </div>
  <p class="mt-2 flex flex-wrap gap-2">
    <button class="may" type="button" onclick={() => edited.penalties.push('noted')}>One more</button>
    {#if edited.penalties.length > 0}
      <button class="may" type="button" onclick={() => edited.penalties.pop()}>One less</button>
    {/if}
  </p>
  <p class="quiet">
    Which moves are barred, and the minutes by division, come with the copy; a file of rules can hold others.
  </p>
  {#each other as [where, what] (where)}<p class="fault" role="alert">{where}: {what.join(' ')}</p>{/each}
  {#if failed && Object.keys(faults).length === 0}<p class="fault" role="alert">{failed}</p>{/if}
  <div class="mt-4 flex flex-wrap gap-2">
    <button class="do" type="submit">Keep the rules</button>
    <button class="may" type="button" onclick={oncancel}>Leave them</button>
  </div>
</form>

<style>
  form {
    padding: 1rem 1.25rem;
    margin-top: 1rem;
    max-width: 52rem;
  }
  .grid {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(12rem, 1fr));
    gap: 0.875rem;
    align-items: end;
  }
  h3 {
    margin-top: 1rem;
  }
  table {
    width: 100%;
    max-width: 36rem;
  }
  th,
  td {
    text-align: left;
    padding: 0.25rem 0.5rem 0.25rem 0;
    vertical-align: top;
    font-weight: 400;
  }
  tbody th::first-letter {
    text-transform: uppercase;
  }
  tbody th {
    padding-top: 0.75rem;
  }
  td input {
    min-height: 44px;
    width: 100%;
    max-width: 8rem;
  }
</style>
