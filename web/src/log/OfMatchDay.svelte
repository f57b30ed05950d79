<!-- What is told is a match of a day; it can be a training roll again. -->
<script lang="ts">
  import { link } from 'svelte-spa-router';
  import { api, got } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import type { Draft } from './draft';

  let { draft = $bindable() }: { draft: Draft } = $props();

  const asked = resource(() =>
    draft.event
      ? got(api.GET('/api/matches/{id}', { params: { path: { id: draft.event } } }))
      : Promise.resolve(null),
  );
  const name = $derived(asked.value?.day.name ?? 'a match day');
</script>

{#if draft.event}
  <p class="mb-2 flex flex-wrap items-center gap-x-3">
    <span
      >A match of <a href="/matches/day/{encodeURIComponent(draft.event)}" use:link>{name}</a>, by its rules.
      Say how it came out, too: “lost 4-2”, “won on advantages”.</span
    >
    <button
      class="may"
      onclick={() => Object.assign(draft, { event: '', kind: 'free', sessionKind: 'class' })}
      >Not a match</button
    >
  </p>
{/if}
