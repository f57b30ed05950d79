<script lang="ts">
  import { api, got, Trouble, type Schemas } from '../api/client';
  import { kilograms, shown } from '../base/words';
  import Differs from '../kit/Differs.svelte';
  import Tags from '../kit/Tags.svelte';
  import Terms from './Terms.svelte';

  interface Props {
    partner: Schemas['PartnerDocument'];
    /** The version it is edited from; a new partner has none. */
    version?: number;
    unit: string | null | undefined;
    onsaved: (partner: Schemas['PartnerDocument']) => void;
    oncancel: () => void;
  }

  let { partner, version, unit, onsaved, oncancel }: Props = $props();

  // svelte-ignore state_referenced_locally
  let from = $state(version);
  /** As it stands now, where somebody else changed it meanwhile. */
  let theirs = $state.raw<Schemas['PartnerDocument'] | null>(null);
  const labels = {
    name: 'Nickname',
    belt: 'Belt',
    stripes: 'Stripes',
    weightKg: 'Weight in kg',
    size: 'Or size beside you',
    traits: 'Traits',
    notes: 'Notes',
  } as const;

  // svelte-ignore state_referenced_locally
  let edited = $state({ ...partner, traits: partner.traits ?? [] });
  // svelte-ignore state_referenced_locally
  let weight = $state(shown(partner.weightKg, unit));
  let faults = $state<Record<string, string[]>>({});
  let failed = $state('');

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
            params: {
              path: { id: partner.id ?? crypto.randomUUID() },
              query: { known: !!partner.id, version: from },
            },
            body: {
              ...$state.snapshot(edited),
              // What they are owed is changed elsewhere.
              owed: undefined,
              belt: edited.belt || undefined,
              size: edited.size || undefined,
              weightKg: kg,
            },
          }),
        ),
      );
    } catch (error) {
      if (error instanceof Trouble) {
        faults = error.fields;
        failed = error.message;
        if (error.status === 409 && partner.id) {
          edited.weightKg = kg;
          await lookAgain(partner.id);
        }
      }
    }
  }

  async function lookAgain(id: string) {
    try {
      const now = await got(api.GET('/api/partners/{id}', { params: { path: { id } } }));
      [theirs, from] = [now.partner, now.version];
    } catch {
      // They are gone; what was said of that stands.
    }
  }

  function choose(field: keyof typeof labels, value: unknown) {
    edited = { ...edited, [field]: value };
    if (field === 'weightKg') weight = shown(value as number, unit);
  }
</script>

<form
  class="plank grid grid-cols-2 gap-3.5 p-4 min-[701px]:grid-cols-3"
  onsubmit={save}
  aria-label={partner.name ? `Edit ${partner.name}` : 'New partner'}
>
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
  <Terms label="Belt" of="belts" none="not known" bind:value={edited.belt} fault={faults.belt} />
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
  <Terms label="Or size beside you" of="sizes" none="not said" bind:value={edited.size} />
  <Tags
    label="Traits"
    value={edited.traits}
    placeholder="long legs"
    onchange={(traits) => (edited.traits = traits)}
  />
  <label class="field col-span-full">
    <span>Notes</span>
    <textarea rows="2" bind:value={edited.notes}></textarea>
  </label>
  {#if theirs}
    {#key from}
      <div class="col-span-full">
        <Differs
          base={partner}
          mine={edited as Schemas['PartnerDocument']}
          {theirs}
          {labels}
          onchoose={(field, value) => choose(field as keyof typeof labels, value)}
        />
      </div>
    {/key}
  {:else if failed && Object.keys(faults).length === 0}<p class="fault col-span-full" role="alert">
      {failed}
    </p>{/if}
  <div class="col-span-full flex gap-2">
    <button class="do" type="submit">Keep</button>
    <button class="may" type="button" onclick={oncancel}>Cancel</button>
  </div>
</form>

{#snippet fault(field: string)}
  {#if faults[field]}<span class="fault" role="alert">{faults[field].join(' ')}</span>{/if}
{/snippet}
