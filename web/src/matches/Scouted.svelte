<!-- An opponent as scouted, with what can be done about it. -->
<script lang="ts">
  import { link } from 'svelte-spa-router';
  import type { Schemas } from '../api/client';

  let {
    day,
    scouting,
    begun,
    onedit,
  }: {
    day: string;
    scouting: Schemas['ScoutingDocument'];
    /** It is the day, or later: matches can be entered. */
    begun: boolean;
    onedit: () => void;
  } = $props();

  const who = $derived(scouting.opponent ?? '');
  const parts = $derived(
    [
      ['Starts with', scouting.starts],
      ['Plan A', scouting.planA],
      ['Not', scouting.avoid],
      ['With a lead', scouting.lead],
      ['What held', scouting.held],
    ].filter(([, said]) => said),
  );
</script>

<article aria-label="Scouting of {scouting.opponent}">
  <h3>
    <a
      class="inline-flex min-h-[44px] min-w-[44px] items-center"
      href="/matches/day/{encodeURIComponent(day)}/against/{encodeURIComponent(who)}"
      use:link>{scouting.opponent}</a
    >{#if scouting.belt}<span class="quiet">, {scouting.belt} belt</span>{/if}
  </h3>
  {#if scouting.known?.length}
    <ul class="list-disc pl-5">
      {#each scouting.known as one, i (i)}
        <li>{one.text} <span class="quiet">({one.from ? `${one.from} says` : 'hearsay'})</span></li>
      {/each}
    </ul>
  {/if}
  <dl>
    {#each parts as [name, said] (name)}
      <dt>{name}</dt>
      <dd>{said}</dd>
    {/each}
  </dl>
  {#if !scouting.known?.length && parts.length === 0}<p class="quiet">Nothing is known yet.</p>{/if}
  <div class="mt-2 flex flex-wrap gap-2">
    {#if begun}
      <a
        class="may"
        href="/matches/day/{encodeURIComponent(day)}/live?with={encodeURIComponent(who)}"
        use:link>Enter it live</a
      >
      <a class="may" href="/log?match={encodeURIComponent(day)}&with={encodeURIComponent(who)}" use:link
        >Tell it</a
      >
    {/if}
    <button class="may" onclick={onedit}>About {scouting.opponent}</button>
  </div>
</article>

<style>
  article {
    padding: 0.875rem 0;
    border-bottom: 1px solid var(--color-grain);
  }
  h3 .quiet {
    font-weight: 400;
    font-size: 1rem;
  }
  dl {
    display: grid;
    grid-template-columns: 6.5rem minmax(0, 1fr);
    gap: 0.25rem 0.75rem;
    margin-top: 0.375rem;
  }
  dt {
    color: var(--color-quiet);
  }
</style>
