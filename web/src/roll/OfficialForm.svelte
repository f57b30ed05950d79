<!-- What the referee of a match said; it stands beside what is computed. -->
<script lang="ts">
  import type { Schemas } from '../api/client';
  import Terms from '../parts/Terms.svelte';

  let {
    official,
    onsave,
    onclose,
  }: {
    official: Schemas['OfficialDocument'];
    onsave: (official: Schemas['OfficialDocument'] | null) => void;
    onclose: () => void;
  } = $props();

  // svelte-ignore state_referenced_locally
  let edited = $state({
    me: { ...official.me },
    partner: { ...official.partner },
    winner: official.winner ?? ('' as const),
    by: official.by ?? ('' as const),
  });
  const sides = [
    { id: 'me', name: 'You' },
    { id: 'partner', name: 'They' },
  ] as const;

  // An empty box of numbers is null: not told.
  const clean = (score: Schemas['OfficialScoreDocument']) =>
    Object.fromEntries(Object.entries(score).filter(([, v]) => v !== null && v !== undefined));

  function save(event: SubmitEvent) {
    event.preventDefault();
    onsave({
      me: clean(edited.me),
      partner: clean(edited.partner),
      winner: edited.winner || undefined,
      by: edited.by || undefined,
    });
  }
</script>

<form aria-label="What the referee said" onsubmit={save}>
  {#each sides as side (side.id)}
    <fieldset>
      <legend>{side.name}</legend>
      <label class="field"
        ><span>Points</span><input type="number" bind:value={edited[side.id].points} /></label
      >
      <label class="field"
        ><span>Advantages</span><input type="number" min="0" bind:value={edited[side.id].advantages} /></label
      >
      <label class="field"
        ><span>Penalties</span><input type="number" min="0" bind:value={edited[side.id].penalties} /></label
      >
    </fieldset>
  {/each}
  <div class="two">
    <Terms label="Who won" of="winners" none="not told" bind:value={edited.winner} />
    <Terms label="By" of="decided" none="not told" bind:value={edited.by} />
  </div>
  <div class="flex flex-wrap gap-2">
    <button class="do" type="submit">Keep</button>
    <button class="may" type="button" onclick={() => onsave(null)}>Not told</button>
    <button class="may" type="button" onclick={onclose}>Leave it</button>
  </div>
</form>

<style>
  form {
    display: grid;
    gap: 0.75rem;
    margin-top: 0.625rem;
    max-width: 30rem;
  }
  fieldset {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 0.625rem;
  }
  legend {
    font-weight: 650;
  }
  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.625rem;
  }
</style>
