<!-- The pages of a section, beside each other. -->
<script lang="ts">
  import { link, router } from 'svelte-spa-router';

  let { label, ways }: { label: string; ways: readonly { path: string; name: string }[] } = $props();
</script>

<nav aria-label={label}>
  <ul class="flex flex-wrap gap-x-4 min-[701px]:gap-x-5">
    {#each ways as way (way.path)}
      <li>
        <a
          href={way.path}
          use:link
          class="flex min-h-[44px] items-center"
          aria-current={router.location === way.path ? 'page' : undefined}>{way.name}</a
        >
      </li>
    {/each}
  </ul>
</nav>

<style>
  a[aria-current] {
    font-weight: 700;
    text-decoration: none;
    box-shadow: inset 0 -2px 0 var(--color-ink);
  }
</style>
