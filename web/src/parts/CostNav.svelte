<!-- The ways to look at what costs, beside each other. -->
<script lang="ts">
  import PageNav from './PageNav.svelte';

  const ways = [
    { path: '/weak-spots', name: 'Ranking' },
    { path: '/weak-spots/taps', name: 'Taps' },
    { path: '/weak-spots/moves', name: 'My moves' },
    { path: '/weak-spots/weeks', name: 'Over weeks' },
    { path: '/weak-spots/grain', name: 'Grain' },
    { path: '/weak-spots/lessons', name: 'Lessons' },
  ];
</script>

<PageNav label="What costs you" {ways} />
