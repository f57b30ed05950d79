<script lang="ts">
  import Router, { push, router } from 'svelte-spa-router';
  import Keys from './parts/Keys.svelte';
  import Notice from './parts/Notice.svelte';
  import Rail from './parts/Rail.svelte';
  import { sections } from './parts/sections';
  import Glossary from './pages/Glossary.svelte';
  import Log from './pages/Log.svelte';
  import Missing from './pages/Missing.svelte';
  import Partners from './pages/Partners.svelte';
  import Rack from './pages/Rack.svelte';
  import Settings from './pages/Settings.svelte';
  import Today from './pages/Today.svelte';
  import WeakSpots from './pages/WeakSpots.svelte';

  const routes = {
    '/': Today,
    '/log': Log,
    '/rack/:id?': Rack,
    '/weak-spots': WeakSpots,
    '/partners': Partners,
    '/settings': Settings,
    '/names': Glossary,
    '*': Missing,
  };

  let help = $state(false);

  function keys(event: KeyboardEvent) {
    if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return;
    const on = event.target as HTMLElement;
    const writing = on.matches(
      'input:not([type=checkbox]):not([type=radio]), textarea, select, [contenteditable]',
    );
    if (event.key === 'Escape') {
      if (help) help = false;
      else if (writing) on.blur();
      else if (router.location.startsWith('/rack/')) push('/rack');
      return;
    }
    if (writing || document.querySelector('dialog[open]')) return;
    const section = sections[Number(event.key) - 1];
    if (section) push(section.path);
    else if (event.key === 'l') push('/log');
    else if (event.key === '?') help = true;
    else if (event.key === '/') document.querySelector<HTMLElement>('[data-find]')?.focus();
    else return;
    event.preventDefault();
  }
</script>

<svelte:window onkeydown={keys} />

<a class="skip" href="#main" onclick={(e) => (e.preventDefault(), document.getElementById('main')?.focus())}
  >To the page</a
>
<Rail />
<main id="main" tabindex="-1">
  <Router {routes} />
</main>
<Notice />
<Keys bind:open={help} />

<style>
  main {
    max-width: 76rem;
    margin: 0 auto;
    padding: 1.25rem 1.5rem 3rem;
    outline: none;
  }
  .skip {
    position: absolute;
    left: -100rem;
  }
  .skip:focus {
    left: 1rem;
    top: 0.5rem;
    z-index: 20;
    background: var(--raised);
    padding: 0.5rem 1rem;
  }
  @media (max-width: 700px) {
    main {
      padding: 1rem 1rem 6rem;
    }
  }
</style>
