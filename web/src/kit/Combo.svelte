<!-- One of many, found by writing a part of its name. -->
<script lang="ts" module>
  export interface Choice {
    value: string;
    label: string;
    /** Other names it is found by. */
    also?: readonly string[];
  }
</script>

<script lang="ts">
  import { Combobox, useListCollection } from '@skeletonlabs/skeleton-svelte';

  let {
    label,
    value,
    choices,
    none,
    find = false,
    hideLabel = false,
    ready = true,
    onchoose,
    onnew,
  }: {
    label: string;
    value: string | null | undefined;
    choices: readonly Choice[];
    /** What choosing nothing is called; left out where something must be chosen. */
    none?: string;
    /** The slash key leads here. */
    find?: boolean;
    hideLabel?: boolean;
    /** The choices are all there; before that nothing can be chosen. */
    ready?: boolean;
    onchoose: (value: string) => void;
    /** Takes a name that is none of the choices; without it such a name chooses nothing. */
    onnew?: (name: string) => void;
  } = $props();

  const nothing = '-';
  const most = 60;

  let written = $state('');
  let searching = $state(false);

  const all = $derived<Choice[]>([...(none ? [{ value: nothing, label: none }] : []), ...choices]);
  // What is chosen may be a term of the user's own.
  const known = $derived(
    !value || all.some((c) => c.value === value) ? all : [...all, { value, label: value }],
  );
  const wanted = $derived(written.trim().toLowerCase());
  // What was written to the letter comes first, then what begins so, the shorter before the longer.
  const near = ({ label }: Choice) =>
    label.toLowerCase() === wanted ? 0 : label.toLowerCase().startsWith(wanted) ? 1 : 2;
  const found = $derived(
    !searching || wanted === ''
      ? known
      : known
          .filter((c) => [c.label, ...(c.also ?? [])].some((name) => name.toLowerCase().includes(wanted)))
          .sort((a, b) => near(a) - near(b)),
  );
  const collection = $derived(
    useListCollection({
      items: found.slice(0, most),
      itemToString: (choice) => choice.label,
      itemToValue: (choice) => choice.value,
    }),
  );
  const chosen = $derived(value || (none ? nothing : ''));
</script>

<Combobox
  {collection}
  value={chosen ? [chosen] : []}
  inputValue={searching ? written : (known.find((c) => c.value === chosen)?.label ?? '')}
  inputBehavior="autohighlight"
  openOnClick
  disabled={!ready || choices.length === 0}
  positioning={{ strategy: 'fixed', placement: 'bottom-start', sameWidth: true }}
  onOpenChange={({ open }) => {
    if (open) return;
    // Whoever writes a new name and goes on means it.
    if (searching && onnew && wanted !== '' && found.length === 0) onnew(written.trim());
    searching = false;
  }}
  onInputValueChange={({ inputValue, reason }) => {
    if (reason !== 'input-change') return;
    written = inputValue;
    searching = true;
  }}
  onValueChange={({ value: [next] }) => {
    searching = false;
    if (next !== undefined && next !== chosen) onchoose(next === nothing ? '' : next);
  }}
  class="min-w-0 gap-1!"
>
  <Combobox.Label class={hideLabel ? 'sr-only' : ''}>{label}</Combobox.Label>
  <Combobox.Control>
    <Combobox.Input
      class="min-h-[44px] pe-9!"
      data-find={find || undefined}
      onfocus={(event: FocusEvent) => (event.currentTarget as HTMLInputElement).select()}
    />
    <Combobox.Trigger aria-label="Show all: {label}" tabindex={-1}
      ><svg viewBox="0 0 10 6" width="10" height="6" aria-hidden="true"
        ><path d="M0 0h10L5 6z" fill="currentColor" /></svg
      ></Combobox.Trigger
    >
  </Combobox.Control>
  <!-- Where it stands, not at the end of the page: what is outside an open dialog is out of reach. -->
  <Combobox.Positioner class="z-40!">
    <Combobox.Content class="max-h-72 overflow-y-auto gap-0! p-1!">
      {#each collection.items as choice (choice.value)}
        <Combobox.Item item={choice} class="min-h-[40px]">
          <Combobox.ItemText>{choice.label}</Combobox.ItemText>
        </Combobox.Item>
      {:else}
        <p class="quiet p-2">{onnew ? `${written.trim()} will be new.` : 'Nothing of that name.'}</p>
      {/each}
      {#if found.length > most}<p class="quiet p-2">{found.length - most} more; write on.</p>{/if}
    </Combobox.Content>
  </Combobox.Positioner>
</Combobox>
