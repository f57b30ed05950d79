<!-- A check, counted per try: one wide key for met, one for missed. -->
<script lang="ts">
  interface Counted {
    met: number;
    of: number;
  }
  let {
    text,
    counted,
    oncount,
    onback,
  }: {
    text: string;
    counted: Counted;
    oncount: (met: boolean) => void;
    onback: (met: boolean) => void;
  } = $props();

  const missed = $derived(counted.of - counted.met);
</script>

<div role="group" aria-label={text}>
  <p>{text} <span class="quiet">{counted.met} of {counted.of}</span></p>
  <div class="keys">
    <button class="met" aria-label="{text}: met" onclick={() => oncount(true)}>Met</button>
    <button
      class="less"
      aria-label="{text}: one met less"
      disabled={counted.met === 0}
      onclick={() => onback(true)}>−</button
    >
    <button class="missed" aria-label="{text}: missed" onclick={() => oncount(false)}>Missed</button>
    <button
      class="less"
      aria-label="{text}: one missed less"
      disabled={missed === 0}
      onclick={() => onback(false)}>−</button
    >
  </div>
</div>

<style>
  .keys {
    display: grid;
    grid-template-columns: 1fr 44px 1fr 44px;
    gap: 0.5rem;
    max-width: 34rem;
  }
  p::first-letter {
    text-transform: uppercase;
  }
  button {
    min-height: 48px;
    background: var(--color-raised);
    border: 1px solid var(--color-grain);
    border-radius: 4px;
  }
  .met,
  .missed {
    border-bottom-width: 4px;
  }
  .met {
    border-bottom-color: var(--color-mine);
  }
  .missed {
    border-bottom-color: var(--color-theirs);
  }
  .less:disabled {
    opacity: 0.5;
  }
</style>
