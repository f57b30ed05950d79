<!-- What you are afraid of, written once and held against your rolls. -->
<script lang="ts">
  import { link } from 'svelte-spa-router';
  import { api, got, Trouble, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import Combo from '../kit/Combo.svelte';
  import Failed from '../kit/Failed.svelte';
  import { tell, tellTrouble } from '../kit/notices';
  import Waiting from '../kit/Waiting.svelte';
  import { moveChoices, need, partnerChoices, placeChoices, vocabulary } from '../parts/trade.svelte';
  import SeenSticks from '../partners/SeenSticks.svelte';

  need(vocabulary);
  const asked = resource(() => got(api.GET('/api/fears')));
  const partners = resource(() => got(api.GET('/api/partners')));
  const now = $derived(asked.value);

  let edited = $state<Schemas['FearDocument'] | null>(null);
  let faults = $state<Record<string, string[]>>({});
  let failed = $state('');

  function begin(fear: Schemas['FearDocument']) {
    edited = { ...fear };
    faults = {};
    failed = '';
  }

  // What the words name is filled in, to be put right before it is kept.
  async function read() {
    if (!edited?.text?.trim()) return;
    try {
      const said = await got(api.POST('/api/fears/read', { body: $state.snapshot(edited) }));
      if (edited)
        edited = {
          ...edited,
          move: edited.move ?? said.move,
          place: edited.place ?? said.place,
          mine: edited.mine ?? said.mine,
          partner: edited.partner ?? said.partner,
        };
    } catch (error) {
      tellTrouble(error);
    }
  }

  async function save(event: SubmitEvent) {
    event.preventDefault();
    if (!edited) return;
    faults = {};
    failed = '';
    try {
      await got(
        api.PUT('/api/fears/{id}', {
          params: { path: { id: edited.id || crypto.randomUUID() } },
          body: $state.snapshot(edited),
        }),
      );
      edited = null;
      await asked.load();
    } catch (error) {
      if (error instanceof Trouble) {
        faults = error.fields;
        failed = error.message;
      }
    }
  }

  async function drop(fear: Schemas['FearDocument']) {
    try {
      await got(api.DELETE('/api/fears/{id}', { params: { path: { id: fear.id ?? '' } } }));
      await asked.load();
      tell({
        text: 'It is gone.',
        action: {
          label: 'Undo',
          run: async () => {
            await got(api.PUT('/api/fears/{id}', { params: { path: { id: fear.id ?? '' } }, body: fear }));
            await asked.load();
          },
        },
      });
    } catch (error) {
      tellTrouble(error);
    }
  }
</script>

<svelte:head><title>Fears · Ash Notch</title></svelte:head>

<p><a class="inline-flex min-h-[44px] items-center" href="/partners" use:link>All partners</a></p>
<header>
  <h1>Fears</h1>
  <button class="do" onclick={() => begin({ text: '' })}>Write one down</button>
</header>
<p class="quiet">
  Written once, then held against your rolls: how often it came, how often it cost, whether keeping from it
  costs more. What can hurt stands first.
</p>
<Failed of={asked} />
{#if asked.waiting && !now}<Waiting what="Looking through your rolls" />{/if}

{#if edited}
  <form class="plank" onsubmit={save} aria-label={edited.id ? 'A fear' : 'A new fear'}>
    <label class="field whole">
      <span>In your words</span>
      <!-- svelte-ignore a11y_autofocus -->
      <input
        bind:value={edited.text}
        onblur={read}
        required
        autofocus
        maxlength="500"
        placeholder="their guillotine when I shoot"
        aria-invalid={!!faults.text}
      />
      {#if faults.text}<span class="fault" role="alert">{faults.text.join(' ')}</span>{/if}
    </label>
    <Combo
      label="What they do"
      value={edited.move ?? ''}
      choices={moveChoices()}
      none="anything"
      onchoose={(move) => edited && (edited.move = move || undefined)}
    />
    <Combo
      label="Where it happens or leads"
      value={edited.place ?? ''}
      choices={placeChoices()}
      none="anywhere"
      onchoose={(place) => edited && (edited.place = place || undefined)}
    />
    <Combo
      label="When I try"
      value={edited.mine ?? ''}
      choices={moveChoices()}
      none="nothing of mine"
      onchoose={(mine) => edited && (edited.mine = mine || undefined)}
    />
    <Combo
      label="With"
      value={edited.partner ?? ''}
      choices={partnerChoices(partners.value ?? [])}
      none="anyone"
      onchoose={(partner) => edited && (edited.partner = partner || undefined)}
    />
    {#if failed && Object.keys(faults).length === 0}<p class="fault whole" role="alert">{failed}</p>{/if}
    <div class="whole flex gap-2">
      <button class="do" type="submit">Keep</button>
      <button class="may" type="button" onclick={() => (edited = null)}>Cancel</button>
    </div>
  </form>
{/if}

{#if now}
  {#if now.fears.length === 0 && !edited}
    <p class="my-4">
      None written down. Something like “their guillotine when I shoot” or “being flattened” is enough; the
      rest is counted.
    </p>
  {/if}
  {#each now.fears as one (one.fear.id)}
    <section aria-label={one.fear.text ?? ''}>
      <h2>{one.fear.text}</h2>
      {#if one.partnerName}<p class="quiet">With {one.partnerName}</p>{/if}
      {#each one.says as said, i (said)}<p class:verdict={i === one.says.length - 1}>{said}</p>{/each}
      {#if one.caution}<p class="caution">{one.caution}</p>{/if}
      {#if one.rolls.length > 0}
        <details>
          <summary>The rolls it came in</summary>
          <SeenSticks ids={one.rolls} />
        </details>
      {/if}
      <p class="flex gap-2">
        <button class="may" onclick={() => begin(one.fear)} aria-label="Edit {one.fear.text}">Edit</button>
        <button class="may" onclick={() => drop(one.fear)} aria-label="Take away {one.fear.text}"
          >Take away</button
        >
      </p>
    </section>
  {/each}
  {#if now.tunnel.length > 0}
    <section aria-labelledby="tunnel">
      <h2 id="tunnel">Defending one thing, giving another</h2>
      {#each now.tunnel as said (said)}<p>{said}</p>{/each}
    </section>
  {/if}
{/if}

<style>
  header {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 0.75rem;
  }
  form {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 0.75rem;
    padding: 1rem;
    margin-block: 1rem;
  }
  .whole {
    grid-column: 1 / -1;
  }
  section {
    border-top: 1px solid var(--color-grain);
    padding: 0.75rem 0;
    margin-top: 0.5rem;
  }
  .verdict {
    font-weight: 650;
  }
  .caution {
    border-left: 4px dashed var(--color-danger);
    padding-left: 0.625rem;
    margin-block: 0.375rem;
  }
  @media (max-width: 700px) {
    form {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
