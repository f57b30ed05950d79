<!-- What somebody else changed meanwhile beside what stands in this form: field by field, one of the two is chosen. -->
<script lang="ts" generics="T extends object">
  import { fieldsApart } from '../base/apart';

  let {
    base,
    mine,
    theirs,
    labels,
    say = (_, value) =>
      value == null || value === ''
        ? 'nothing'
        : Array.isArray(value)
          ? value.join(', ') || 'nothing'
          : `${value}`,
    onchoose,
  }: {
    /** As it was when this form was opened. */
    base: T;
    mine: T;
    /** As it stands now. */
    theirs: T;
    /** What the fields are called; others are not looked at. */
    labels: Partial<Record<keyof T, string>>;
    /** A value in words. */
    say?: (field: keyof T, value: unknown) => string;
    onchoose: (field: keyof T, value: T[keyof T]) => void;
  } = $props();

  // Both stay in sight, whatever is chosen.
  // svelte-ignore state_referenced_locally
  const [seen, was] = [$state.snapshot(theirs) as T, $state.snapshot(mine) as T];
  // svelte-ignore state_referenced_locally
  const apart = fieldsApart(base, was, seen, Object.keys(labels) as (keyof T)[]);
  // svelte-ignore state_referenced_locally
  for (const { field, byMe } of apart) if (!byMe) onchoose(field, seen[field]);
  let chosen = $state(Object.fromEntries(apart.map((a) => [a.field, a.byMe ? 'mine' : 'theirs'])));

  // It comes up under the hand that pressed Keep, often out of sight.
  const shown = (element: Element) => element.scrollIntoView({ block: 'center' });

  function choose(field: keyof T, whose: 'mine' | 'theirs') {
    chosen[field as string] = whose;
    onchoose(field, whose === 'mine' ? was[field] : seen[field]);
  }
</script>

<div class="differs" role="group" aria-label="Changed elsewhere meanwhile" {@attach shown}>
  <p class="font-semibold" role="alert">Changed elsewhere meanwhile. Nothing was overwritten.</p>
  {#if apart.length === 0}
    <p class="quiet">Not in what this form holds. Press Keep, and yours goes into it as it is now.</p>
  {:else}
    <p class="quiet">Choose, then press Keep.</p>
    {#each apart as { field } (field)}
      <fieldset class="mt-2">
        <legend class="quiet">{labels[field]}</legend>
        <div class="flex flex-wrap gap-x-8">
          {#each [['mine', 'here', was[field]], ['theirs', 'elsewhere', seen[field]]] as const as [whose, where, value] (whose)}
            <label class="flex min-h-[44px] items-center gap-2.5">
              <input
                class="radio"
                type="radio"
                name="differs-{String(field)}"
                checked={chosen[field as string] === whose}
                onchange={() => choose(field, whose)}
              />
              <span><span class="quiet">{where}:</span> {say(field, value)}</span>
            </label>
          {/each}
        </div>
      </fieldset>
    {/each}
  {/if}
</div>

<style>
  .differs {
    border-left: 3px dashed var(--color-edge);
    padding-left: 0.875rem;
    margin: 0.75rem 0;
  }
</style>
