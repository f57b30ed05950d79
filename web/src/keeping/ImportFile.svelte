<!-- A file taken in: first what it would change, then the change, and the way back. -->
<script lang="ts">
  import { onMount } from 'svelte';
  import type { Schemas } from '../api/client';
  import { moment, times } from '../base/words';
  import FileButton from '../kit/FileButton.svelte';
  import Waiting from '../kit/Waiting.svelte';
  import { ImportDesk } from './import-desk.svelte';
  import ImportRow from './ImportRow.svelte';

  const desk = new ImportDesk();
  onMount(desk.load);

  const shown = 5;

  const counted = (counts: Schemas['StandingCounts'], one: string, many?: string) =>
    counts.all === 0 ? '' : `${times(counts.all, one, many)}: ${counts.say}.`;
</script>

<div class="flex flex-wrap gap-2">
  <a class="may" href="/api/export" download>Export as JSON</a>
  <a class="may" href="/api/export?nameless=true" download>Export without names</a>
  <FileButton label="Take a file in" accept={['.json', 'application/json']} onfile={desk.choose} />
</div>
{#if desk.working && !desk.look}<Waiting what="Looking at the file" />{/if}
{#if desk.failed}<p class="fault mt-3" role="alert">{desk.failed}</p>{/if}

{#if desk.look}
  {@const look = desk.look}
  <div class="plank mt-3 p-4" role="region" aria-label="What the file would change">
    <h3>{desk.name}</h3>
    {#if desk.nothing}
      <p class="mt-1.5">Everything in it is in your log already.</p>
      <button class="may mt-3" onclick={desk.leave}>Good</button>
    {:else}
      <ul class="mt-1.5">
        {#each [counted(look.rolls, 'roll'), counted(look.partners, 'partner'), counted(look.sessions, 'session'), counted(look.names, 'name of your own', 'names of your own'), look.focuses ? `${times(look.focuses, 'focus', 'focuses')} new.` : ''].filter(Boolean) as line (line)}
          <li>{line}</li>
        {/each}
        {#if look.ownTerms.length}
          <li class="quiet">
            Kept as your own terms: {look.ownTerms.slice(0, 8).join(', ')}{look.ownTerms.length > 8
              ? ' …'
              : ''}.
          </li>
        {/if}
      </ul>
      {#if desk.open.length}
        <h4>Where the file and your log say otherwise</h4>
        {#each desk.open as item (item.key)}
          <ImportRow {item} takes={desk.takes(item)} onchange={(takes) => desk.turn(item, takes)} />
        {/each}
        {#if look.more > 0}
          <p class="quiet mt-2">
            {times(look.more, 'more change', 'more changes')} not listed; of those, what you edited stays as it
            is.
          </p>
        {/if}
      {/if}
      <p class="quiet mt-3">Nothing is changed yet. What you take in can be taken back as a whole.</p>
      <div class="mt-3 flex gap-2">
        <button class="do" disabled={desk.working} onclick={desk.take}>Take it in</button>
        <button class="may" onclick={desk.leave}>Leave it</button>
      </div>
    {/if}
  </div>
{/if}

{#if desk.taken.length}
  <h3 class="mt-5">Taken in</h3>
  <ul>
    {#each desk.taken.slice(0, shown) as one (one.key)}
      <li class="taken">
        <span
          >{moment(one.at)}: {one.summary}{one.undone
            ? one.left > 0
              ? `, taken back but for ${one.left}`
              : ', taken back'
            : ''}.</span
        >
        {#if one.left > 0}<button class="may" onclick={() => desk.undo(one.key)}>Take it back</button>{/if}
      </li>
    {/each}
  </ul>
{/if}

<style>
  h4 {
    margin-top: 0.875rem;
    font-weight: 650;
  }
  .taken {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 0.25rem 1rem;
    min-height: 48px;
    border-bottom: 1px solid var(--color-grain);
  }
</style>
