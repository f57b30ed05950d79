<!-- What there is around matches, beside each other. -->
<script lang="ts">
  import PageNav from '../parts/PageNav.svelte';

  const ways = [
    { path: '/matches', name: 'Match days' },
    { path: '/matches/points', name: 'Training on points' },
    { path: '/matches/allowed', name: 'Allowed for me' },
    { path: '/matches/rules', name: 'Rules' },
  ];
</script>

<PageNav label="Around matches" {ways} />
