<script lang="ts">
  import { api, got, Trouble, type Schemas } from '../api/client';
  import { kilograms, listed, plain, shown } from '../words';

  interface Props {
    partner: Schemas['PartnerDocument'];
    unit: string | null | undefined;
    onsaved: (partner: Schemas['PartnerDocument']) => void;
    oncancel: () => void;
  }

  let { partner, unit, onsaved, oncancel }: Props = $props();

  // svelte-ignore state_referenced_locally
  let edited = $state({ ...partner });
  // svelte-ignore state_referenced_locally
  let weight = $state(shown(partner.weightKg, unit));
  // svelte-ignore state_referenced_locally
  let traits = $state((partner.traits ?? []).join(', '));
  let faults = $state<Record<string, string[]>>({});
  let failed = $state('');
  const belts = [
    'white',
    'grey',
    'yellow',
    'orange',
    'green',
    'blue',
    'purple',
    'brown',
    'black',
    'coral',
    'red',
  ];
  const sizes = ['much-lighter', 'lighter', 'similar', 'heavier', 'much-heavier'];

  async function save(event: SubmitEvent) {
    event.preventDefault();
    faults = {};
    failed = '';
    const kg = kilograms(weight, unit);
    if (Number.isNaN(kg)) {
      faults = { weightKg: ['is not a number; write it as 74.5, or leave it empty.'] };
      return;
    }
    try {
      onsaved(
        await got(
          api.PUT('/api/partners/{id}', {
            params: { path: { id: partner.id ?? crypto.randomUUID() } },
            body: {
              ...edited,
              belt: edited.belt || undefined,
              size: edited.size || undefined,
              weightKg: kg,
              traits: listed(traits),
            },
          }),
        ),
      );
    } catch (error) {
      if (error instanceof Trouble) {
        faults = error.fields;
        failed = error.message;
      }
    }
  }
</script>

<form class="plank" onsubmit={save} aria-label={partner.name ? `Edit ${partner.name}` : 'New partner'}>
  <label class="field">
    <span>Nickname</span>
    <!-- svelte-ignore a11y_autofocus -->
    <input
      bind:value={edited.name}
      required
      maxlength="120"
      autofocus
      autocomplete="off"
      aria-invalid={!!faults.name}
    />
    {@render fault('name')}
  </label>
  <label class="field">
    <span>Belt</span>
    <select bind:value={edited.belt}>
      <option value={undefined}>not known</option>
      {#each belts as belt (belt)}<option>{belt}</option>{/each}
    </select>
    {@render fault('belt')}
  </label>
  <label class="field">
    <span>Stripes</span>
    <input type="number" min="0" max="6" bind:value={edited.stripes} />
    {@render fault('stripes')}
  </label>
  <label class="field">
    <span>Weight in {unit ?? 'kg'}</span>
    <input inputmode="decimal" bind:value={weight} aria-invalid={!!faults.weightKg} />
    {@render fault('weightKg')}
  </label>
  <label class="field">
    <span>Or size beside you</span>
    <select bind:value={edited.size}>
      <option value={undefined}>not said</option>
      {#each sizes as size (size)}<option value={size}>{plain(size)}</option>{/each}
    </select>
  </label>
  <label class="field">
    <span>Traits, with commas</span>
    <input bind:value={traits} autocomplete="off" />
  </label>
  <label class="field wide">
    <span>Notes</span>
    <textarea rows="2" bind:value={edited.notes}></textarea>
  </label>
  {#if failed && Object.keys(faults).length === 0}<p class="fault wide" role="alert">{failed}</p>{/if}
  <div class="wide row">
    <button class="do" type="submit">Keep</button>
    <button class="may" type="button" onclick={oncancel}>Cancel</button>
  </div>
</form>

{#snippet fault(field: string)}
  {#if faults[field]}<span class="fault" role="alert">{faults[field].join(' ')}</span>{/if}
{/snippet}

<style>
  form {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 0.875rem;
    padding: 1rem;
  }
  .wide {
    grid-column: 1 / -1;
  }
  .row {
    display: flex;
    gap: 0.5rem;
  }
  .field .fault {
    color: var(--danger);
  }
  @media (max-width: 700px) {
    form {
      grid-template-columns: 1fr 1fr;
    }
  }
</style>
