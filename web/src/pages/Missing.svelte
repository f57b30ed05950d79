<script lang="ts">
  import { link } from 'svelte-spa-router';
</script>

<h1>There is no such page</h1>
<p class="my-4">Nothing of yours is lost. <a href="/" use:link>Go to Today</a>.</p>
