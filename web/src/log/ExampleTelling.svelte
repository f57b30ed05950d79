<!-- For an empty line: how a telling may sound, to try. -->
<script lang="ts">
  import type { Schemas } from '../api/client';

  let {
    examples,
    ontry,
    ondictate,
  }: { examples: Schemas['ExamplesView']; ontry: () => void; ondictate: () => void } = $props();
</script>

<section class="quiet mt-4 grid gap-2" aria-label="For example">
  <p>For example: <em>{examples.roll}</em></p>
  <p>A whole class in one go: <em>“First was Oak … Next was Birch …”</em>, or a line for each.</p>
  <div class="flex flex-wrap gap-2">
    <button class="may" onclick={ontry}>Try it with this one</button>
    <button class="may" onclick={ondictate}>Play a dictated one</button>
  </div>
</section>
