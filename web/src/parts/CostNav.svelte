<!-- The ways to look at what costs, beside each other. -->
<script lang="ts">
  import { link, router } from 'svelte-spa-router';

  const ways = [
    { path: '/weak-spots', name: 'Ranking' },
    { path: '/weak-spots/taps', name: 'Taps' },
    { path: '/weak-spots/moves', name: 'My moves' },
    { path: '/weak-spots/weeks', name: 'Over weeks' },
    { path: '/weak-spots/grain', name: 'Grain' },
    { path: '/weak-spots/lessons', name: 'Lessons' },
  ];
</script>

<nav aria-label="What costs you">
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
