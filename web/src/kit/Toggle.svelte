<!-- On or off. -->
<script lang="ts">
  import { Switch } from '@skeletonlabs/skeleton-svelte';

  let {
    label,
    checked,
    disabled = false,
    hideLabel = false,
    onchange,
  }: {
    label: string;
    checked: boolean;
    disabled?: boolean;
    hideLabel?: boolean;
    onchange: (checked: boolean) => void;
  } = $props();
</script>

<Switch {checked} {disabled} onCheckedChange={({ checked: next }) => onchange(next)} class="min-h-[44px]">
  <Switch.Control class="ring-edge ring-1"><Switch.Thumb /></Switch.Control>
  <Switch.Label class={hideLabel ? 'sr-only' : 'text-base!'}>{label}</Switch.Label>
  <Switch.HiddenInput />
</Switch>
