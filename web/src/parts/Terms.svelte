<!-- One of the fixed terms, which come from the program. -->
<script lang="ts" generics="T extends string">
  import { need, terms } from './trade.svelte';
  import type { Schemas } from '../api/client';

  type Lists = {
    [K in keyof Schemas['TermsView']]: Schemas['TermsView'][K] extends Schemas['TermView'][] ? K : never;
  }[keyof Schemas['TermsView']];

  let {
    label,
    of,
    value = $bindable(),
    none,
    fault,
    onchoose,
  }: {
    label: string;
    of: Lists;
    value: T | '' | null | undefined;
    /** What choosing nothing is called; left out where something must be chosen. */
    none?: string;
    fault?: string[];
    onchoose?: (value: T) => void;
  } = $props();

  need(terms);

  const list = $derived(terms.value?.[of] ?? []);
</script>

<label class="field">
  <span>{label}</span>
  <select
    value={value ?? ''}
    aria-invalid={!!fault}
    onchange={(event) => {
      value = event.currentTarget.value as T | '';
      onchoose?.(value as T);
    }}
  >
    {#if none !== undefined}<option value="">{none}</option>{/if}
    {#if value && !list.some((t) => t.id === value)}<option {value}>{value}</option>{/if}
    {#each list as term (term.id)}<option value={term.id}>{term.say}</option>{/each}
  </select>
  {#if fault}<span class="fault" role="alert">{fault.join(' ')}</span>{/if}
</label>
