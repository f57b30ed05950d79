<!-- Where in a length of time one is, to be moved. -->
<script lang="ts">
  import { Slider } from '@skeletonlabs/skeleton-svelte';

  let {
    label,
    value,
    most,
    least = 0,
    step = 0.1,
    say,
    onmove,
  }: {
    label: string;
    value: number;
    most: number;
    least?: number;
    step?: number;
    /** A value in words. */
    say: (value: number) => string;
    onmove: (value: number) => void;
  } = $props();
</script>

<Slider
  value={[Math.min(value, most)]}
  min={least}
  max={Math.max(most, least + step)}
  {step}
  onValueChange={({ value: [next] }) =>
    next !== undefined && Math.abs(next - value) > step / 2 && onmove(next)}
  getAriaValueText={({ value: at }) => say(at)}
  class="min-h-[44px] w-full justify-center"
>
  <Slider.Label class="sr-only">{label}</Slider.Label>
  <Slider.Control>
    <Slider.Track><Slider.Range /></Slider.Track>
    <Slider.Thumb index={0}><Slider.HiddenInput /></Slider.Thumb>
  </Slider.Control>
</Slider>
