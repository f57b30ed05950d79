<!-- What a partner was promised to be told or shown: written down, given, or taken back. -->
<script lang="ts">
  import { api, got, Trouble, type Schemas } from '../api/client';
  import { day } from '../base/words';
  import { tell } from '../kit/notices';

  let {
    id,
    owed,
    onchanged,
  }: { id: string; owed: Schemas['OwedDocument'][]; onchanged: () => Promise<unknown> } = $props();

  let words = $state('');
  let trouble = $state('');
  const open = $derived(owed.filter((o) => !o.given));
  const given = $derived(owed.filter((o) => o.given));

  async function change(text: string, how: Partial<Schemas['OwedChange']> = {}) {
    trouble = '';
    try {
      await got(
        api.PUT('/api/partners/{id}/owed', {
          params: { path: { id } },
          body: { text, isGiven: false, isGone: false, ...how },
        }),
      );
      await onchanged();
      return true;
    } catch (error) {
      if (!(error instanceof Trouble)) throw error;
      trouble = Object.values(error.fields).flat()[0] ?? error.message;
      return false;
    }
  }

  async function promise(event: SubmitEvent) {
    event.preventDefault();
    const text = words.trim();
    if (!text || !(await change(text))) return;
    words = '';
    tell({
      text: 'It stands beside their name before class.',
      action: { label: 'Undo', run: () => change(text, { isGone: true }) },
    });
  }

  async function give(text: string) {
    if (await change(text, { isGiven: true }))
      tell({ text: 'Given.', action: { label: 'Undo', run: () => change(text) } });
  }

  async function strike({ text, since, given: on }: Schemas['OwedDocument']) {
    if (text && (await change(text, { isGone: true })))
      tell({
        text: 'Struck out.',
        action: { label: 'Undo', run: () => change(text, { isGiven: !!on, since }) },
      });
  }
</script>

<section aria-labelledby="owed">
  <h2 id="owed">What you owe them</h2>
  {#each open as one, i (i)}
    <div class="row">
      <span
        >{one.text}
        {#if one.since}<span class="quiet">since {day(one.since)}</span>{/if}</span
      >
      <button class="may" aria-label="Given: {one.text}" onclick={() => give(one.text ?? '')}>Given</button>
      <button class="may" aria-label="Strike out: {one.text}" onclick={() => strike(one)}>×</button>
    </div>
  {/each}
  <form class="row" onsubmit={promise}>
    <label class="field">
      <span>Promised to tell or show them</span>
      <input bind:value={words} maxlength="300" autocomplete="off" aria-invalid={!!trouble} />
    </label>
    <button class="may" disabled={!words.trim()}>Note it</button>
  </form>
  {#if trouble}<p role="alert">{trouble}</p>{/if}
  {#if given.length > 0}
    <details>
      <summary>Given: {given.length}</summary>
      {#each given as one, i (i)}
        <div class="row">
          <span>{one.text} <span class="quiet">{day(one.given)}</span></span>
          <button class="may" aria-label="Strike out: {one.text}" onclick={() => strike(one)}>×</button>
        </div>
      {/each}
    </details>
  {/if}
</section>

<style>
  section {
    max-width: 44rem;
    margin-top: 1.25rem;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem;
    padding: 0.125rem 0;
  }
  .row > span {
    flex: 1 1 12rem;
  }
  form.row {
    align-items: end;
  }
  .field {
    flex: 1 1 12rem;
    max-width: 34rem;
  }
</style>
