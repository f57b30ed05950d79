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

  function choose(field: keyof T, whose: 'mine' | 'theirs') {
    chosen[field as string] = whose;
    onchoose(field, whose === 'mine' ? was[field] : seen[field]);
  }
</script>

<div class="plank my-3 p-3" role="group" aria-label="Changed elsewhere meanwhile">
  <p class="font-semibold">Changed elsewhere meanwhile. Nothing was overwritten.</p>
  {#if apart.length === 0}
    <p class="quiet">Not in what this form holds; Keep puts yours into it as it is now.</p>
  {:else}
    <p class="quiet">Choose, then press Keep.</p>
    {#each apart as { field } (field)}
      <fieldset class="mt-2">
        <legend>{labels[field]}</legend>
        {#each [['mine', 'here', was[field]], ['theirs', 'there', seen[field]]] as const as [whose, where, value] (whose)}
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
      </fieldset>
    {/each}
  {/if}
</div>
