<!-- The rail is a stick with one notch per section. -->
<script lang="ts">
  import { link, router } from 'svelte-spa-router';
  import { sections } from './sections';

  const here = (path: string) => (path === '/' ? router.location === '/' : router.location.startsWith(path));
</script>

<nav aria-label="Sections">
  <ul>
    {#each sections as section (section.path)}
      <li>
        <a href={section.path} use:link aria-current={here(section.path) ? 'page' : undefined}>
          <svg width="18" height="12" viewBox="0 0 18 12" aria-hidden="true"><path d="M1 0h16L9 11z" /></svg>
          <span>{section.name}</span>
        </a>
      </li>
    {/each}
  </ul>
</nav>

<style>
  nav {
    background: var(--wood);
    border-bottom: 1px solid var(--edge);
    position: sticky;
    top: 0;
    z-index: 10;
  }
  ul {
    display: flex;
    max-width: 76rem;
    margin: 0 auto;
    padding: 0 1rem;
  }
  li {
    flex: 0 1 auto;
  }
  a {
    display: flex;
    flex-direction: column;
    align-items: center;
    gap: 0.375rem;
    min-height: 54px;
    padding: 0 1rem 0.5rem;
    color: var(--ink);
    text-decoration: none;
  }
  svg {
    margin-top: -1px;
    fill: var(--ground);
    stroke: var(--edge);
  }
  a[aria-current] {
    font-weight: 700;
  }
  a[aria-current] svg {
    fill: var(--ink);
    stroke: var(--ink);
  }
  @media (max-width: 700px) {
    nav {
      position: fixed;
      inset: auto 0 0;
      border-top: 1px solid var(--edge);
      border-bottom: 0;
    }
    ul {
      padding: 0;
      justify-content: space-between;
    }
    li {
      flex: 1 1 0;
    }
    a {
      padding: 0 0 0.5rem;
      font-size: 0.8125rem;
      min-height: 56px;
      white-space: nowrap;
    }
  }
</style>
