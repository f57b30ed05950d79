<!-- The rail is a stick with one notch per section; on a phone five, the last of which opens the rest. -->
<script lang="ts">
  import { Menu, Portal } from '@skeletonlabs/skeleton-svelte';
  import { link, push, router } from 'svelte-spa-router';
  import Hint from '../kit/Hint.svelte';
  import { inReach, sections } from './sections';

  const here = (path: string) => (path === '/' ? router.location === '/' : router.location.startsWith(path));
  const rest = sections.slice(inReach);
  const restHere = $derived(rest.some((section) => here(section.path)));
</script>

<nav aria-label="Sections">
  <ul>
    {#each sections as section, index (section.path)}
      <li class:far={index >= inReach}>
        <Hint hint="Key {index + 1}">
          {#snippet children(attributes)}
            <a
              {...attributes}
              class="place"
              href={section.path}
              use:link
              aria-current={here(section.path) ? 'page' : undefined}
            >
              {@render notch()}
              <span>{section.name}</span>
            </a>
          {/snippet}
        </Hint>
      </li>
    {/each}
    <li class="rest">
      <Menu onSelect={({ value }) => void push(value)} positioning={{ placement: 'top-end' }}>
        <Menu.Trigger class="place" aria-current={restHere ? 'page' : undefined}>
          {@render notch()}
          <span>More</span>
        </Menu.Trigger>
        <Portal>
          <Menu.Positioner class="z-40!">
            <Menu.Content class="min-w-44">
              {#each rest as section (section.path)}
                <Menu.Item value={section.path} class="min-h-[48px] {here(section.path) ? 'font-bold' : ''}">
                  <Menu.ItemText class="text-base!">{section.name}</Menu.ItemText>
                </Menu.Item>
              {/each}
            </Menu.Content>
          </Menu.Positioner>
        </Portal>
      </Menu>
    </li>
  </ul>
</nav>

{#snippet notch()}
  <svg width="18" height="12" viewBox="0 0 18 12" aria-hidden="true"><path d="M1 0h16L9 11z" /></svg>
{/snippet}

<style>
  nav {
    background: var(--color-wood);
    border-bottom: 1px solid var(--color-edge);
    position: sticky;
    top: 0;
    z-index: 20;
  }
  ul {
    display: flex;
    max-width: 76rem;
    margin: 0 auto;
    padding: 0 1rem;
  }
  .rest {
    display: none;
  }
  nav :global(.place) {
    display: flex;
    flex-direction: column;
    align-items: center;
    gap: 0.375rem;
    min-height: 54px;
    padding: 0 1rem 0.5rem;
    color: var(--color-ink);
    text-decoration: none;
    cursor: pointer;
  }
  svg {
    margin-top: -1px;
    fill: var(--color-ground);
    stroke: var(--color-edge);
  }
  nav :global(.place[aria-current]) {
    font-weight: 700;
  }
  nav :global(.place[aria-current] svg) {
    fill: var(--color-ink);
    stroke: var(--color-ink);
  }
  @media (max-width: 700px) {
    nav {
      position: fixed;
      inset: auto 0 0;
      border-top: 1px solid var(--color-edge);
      border-bottom: 0;
    }
    ul {
      padding: 0;
      justify-content: space-between;
    }
    li {
      flex: 1 1 0;
    }
    .far {
      display: none;
    }
    .rest {
      display: block;
    }
    nav :global(.place) {
      width: 100%;
      padding: 0 0 0.5rem;
      font-size: 0.875rem;
      min-height: 56px;
      white-space: nowrap;
    }
  }
  @media print {
    nav {
      display: none;
    }
  }
</style>
