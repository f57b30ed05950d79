<!-- For who has logged nothing yet: one worked roll, and the three things to do first. -->
<script lang="ts">
  import { link } from 'svelte-spa-router';
  import { api, got } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import Stick from '../stick/Stick.svelte';

  const examples = resource(() => got(api.GET('/api/examples')));
</script>

<section class="plank p-5" aria-labelledby="example">
  <h2 id="example">A roll is a stick</h2>
  {#if examples.value}
    <p class="quiet mt-1">You tell it like this: <em>“{examples.value.roll}”</em></p>
    <div class="my-3">
      <Stick stick={examples.value.stick} size="wide" label="An invented roll" />
    </div>
  {/if}
  <p>
    Your notches are cut from the upper edge, theirs from the lower; the deeper, the more it mattered. The
    line runs high when you are on top. The tap at the end is what one remembers: here it began with the knee
    cut.
  </p>
</section>
<section class="mt-6" aria-labelledby="first">
  <h2 id="first">Three things to do first</h2>
  <ol class="mt-2 grid list-decimal gap-2 ps-6">
    <li>
      <a class="underline" href="/settings" use:link>Say your belt and weight</a>, so that a tough round is
      not taken for a weakness.
    </li>
    <li>
      <a class="underline" href="/log" use:link>Log your last roll</a>, in your own words or by taps; two
      lines will do.
    </li>
    <li>
      After a handful of rolls, look at <a class="underline" href="/weak-spots" use:link>weak spots</a>: which
      exchange really costs you, and choose one to drill.
    </li>
  </ol>
</section>
