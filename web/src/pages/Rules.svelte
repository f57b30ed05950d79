<!-- The rules that matches are scored by, each value with its source; own ones are made from a copy. -->
<script lang="ts">
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import Failed from '../kit/Failed.svelte';
  import { tell, tellTrouble } from '../kit/notices';
  import Waiting from '../kit/Waiting.svelte';
  import MatchNav from '../matches/MatchNav.svelte';
  import RulesetForm from '../matches/RulesetForm.svelte';
  import { need, terms } from '../parts/trade.svelte';

  need(terms);
  const asked = resource(() => got(api.GET('/api/rulesets')));
  let chosen = $state('');
  let editing = $state<Schemas['RulesetDocument'] | null>(null);
  const one = $derived(asked.value?.find((r) => r.rules.id === chosen) ?? asked.value?.[0]);
  const saying = (list: Schemas['TermView'][] | undefined) => {
    const names = new Map((list ?? []).map((t) => [t.id, t.say]));
    return (id: string | null | undefined) => names.get(id ?? '') ?? id ?? '';
  };
  const say = $derived(saying(terms.value?.scored));
  const sayStep = $derived(saying(terms.value?.penaltySteps));
  const sayDecided = $derived(saying(terms.value?.decided));
  const list = (words: (string | null | undefined)[] | null | undefined) =>
    (words ?? []).map((w) => (w ?? '').replaceAll('-', ' ')).join(', ');

  const copy = (rules: Schemas['RulesetDocument']) => ({
    ...rules,
    id: crypto.randomUUID(),
    name: `${rules.name}, ours`,
    source: 'your own table',
    scores: rules.scores?.map((s) => ({ ...s, source: undefined })),
  });

  function kept(all: Schemas['RulesetView'][]) {
    asked.value = all;
    chosen = editing?.id ?? '';
    editing = null;
    tell({ text: 'The rules are kept.' });
  }

  async function remove(view: Schemas['RulesetView']) {
    const id = view.rules.id ?? '';
    try {
      asked.value = await got(api.DELETE('/api/rulesets/{id}', { params: { path: { id } } }));
      tell({
        text: view.house
          ? 'The house rules are as they came.'
          : 'The rules are gone; what was scored by them is scored by the federation’s.',
        action: {
          label: 'Undo',
          run: () =>
            got(api.PUT('/api/rulesets/{id}', { params: { path: { id } }, body: view.rules })).then((all) => {
              asked.value = all;
            }, tellTrouble),
        },
      });
    } catch (error) {
      tellTrouble(error);
    }
  }
</script>

<svelte:head><title>Rules · Ash Notch</title></svelte:head>

<h1>Rules</h1>
<MatchNav />
<Failed of={asked} />
{#if asked.waiting}<Waiting what="Looking the rules up" />{/if}
{#if one && asked.value}
  <label class="field mt-2 max-w-sm"
    ><span>Rules</span><select
      value={one.rules.id}
      disabled={!!editing}
      onchange={(event) => (chosen = event.currentTarget.value)}
    >
      {#each asked.value as view (view.rules.id)}<option value={view.rules.id}
          >{view.rules.name}{view.own ? ' (yours)' : ''}</option
        >{/each}
    </select></label
  >
  {#if editing}
    {#key editing.id}
      <RulesetForm rules={editing} onkept={kept} oncancel={() => (editing = null)} />
    {/key}
  {:else}
    {@const rules = one.rules}
    <p class="mt-3">
      {(rules.scores?.length ?? 0) === 0
        ? 'Only a tap counts.'
        : `A place is to be held for ${rules.seconds} seconds.`}
      {rules.pointsFrom
        ? `Points count from ${rules.pointsFrom === 0.5 ? 'half time' : `${rules.pointsFrom * 100} % of the match`} on.`
        : ''}
      {rules.advantages ? 'There are advantages.' : 'There are no advantages.'}
      {rules.bodyTriangleIsHooks
        ? 'A body triangle counts as hooks.'
        : 'A body triangle does not count as hooks.'}
      {rules.guardPull ? `Pulling guard: ${rules.guardPull}.` : ''}
    </p>
    {#if rules.scores?.length}
      <table>
        <thead><tr><th scope="col">For</th><th scope="col">Points</th><th scope="col">Source</th></tr></thead>
        <tbody>
          {#each rules.scores as score (score.for)}
            <tr>
              <th scope="row">{say(score.for)}</th>
              <td
                >{score.points}{score.pastGuard != null && score.pastGuard !== score.points
                  ? `, past the legs ${score.pastGuard}`
                  : ''}</td
              >
              <td class="quiet">{score.source}</td>
            </tr>
          {/each}
        </tbody>
      </table>
    {/if}
    {#if rules.penalties?.length}
      <p>Penalties: {rules.penalties.map((p, i) => `the ${i + 1}. ${sayStep(p)}`).join(', ')}.</p>
    {/if}
    {#if rules.decided?.length}<p>Decided by {rules.decided.map(sayDecided).join(', then ')}.</p>{/if}
    {#if rules.minutes?.length}
      <h2 class="mt-3">How long</h2>
      <ul>
        {#each rules.minutes as row, i (i)}
          <li>
            {[list(row.ages), list(row.belts)].filter(Boolean).join(', ') || 'everyone'}: {row.minutes} minutes
          </li>
        {/each}
      </ul>
    {/if}
    {#if rules.barred?.length}
      <h2 class="mt-3">Which moves are for whom</h2>
      <ul class="list-disc pl-5">
        {#each rules.barred as row, i (i)}<li class="rule">{row.why}.</li>{/each}
      </ul>
    {/if}
    <p class="quiet mt-2">Source: {rules.source}. The event's own rules prevail.</p>
    <div class="mt-3 flex flex-wrap gap-2">
      {#if one.own || one.house}
        <button class="do" onclick={() => (editing = rules)}>Change them</button>
      {/if}
      <button class="may" onclick={() => (editing = copy(rules))}>Copy and change</button>
      {#if one.own}
        <button class="may" onclick={() => remove(one)}>{one.house ? 'As they came' : 'Delete them'}</button>
      {/if}
    </div>
  {/if}
{/if}

<style>
  table {
    margin: 0.75rem 0;
  }
  th,
  td {
    text-align: left;
    padding: 0.375rem 1.5rem 0.375rem 0;
    border-bottom: 1px solid var(--color-grain);
    font-weight: 400;
  }
  thead th {
    color: var(--color-quiet);
  }
  tbody th::first-letter,
  .rule::first-letter {
    text-transform: uppercase;
  }
</style>
