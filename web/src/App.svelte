<script lang="ts">
  import { tick } from 'svelte';
  import Router, { push, router } from 'svelte-spa-router';
  import { wrap } from 'svelte-spa-router/wrap';
  import { digitOf, isWriting, keys } from './base/keys';
  import { namesHidden } from './base/names-hidden';
  import { leavePage } from './kit/notices';
  import Notices from './kit/Notices.svelte';
  import NamesHidden from './parts/NamesHidden.svelte';
  import Rail from './parts/Rail.svelte';
  import { sections } from './parts/sections';
  import Missing from './pages/Missing.svelte';
  import Today from './pages/Today.svelte';

  // The pages differ in what they are given; the router gives each what its address holds.
  const later = (page: () => Promise<{ default: unknown }>) => wrap({ asyncComponent: page as never });

  const routes = {
    '/': Today,
    '/log': later(() => import('./pages/Log.svelte')),
    '/rack/:id?': later(() => import('./pages/Rack.svelte')),
    '/weak-spots': later(() => import('./pages/WeakSpots.svelte')),
    '/weak-spots/weeks': later(() => import('./pages/Weeks.svelte')),
    '/weak-spots/taps': later(() => import('./pages/Taps.svelte')),
    '/weak-spots/lessons': later(() => import('./pages/Lessons.svelte')),
    '/weak-spots/moves': later(() => import('./pages/Moves.svelte')),
    '/weak-spots/grain': later(() => import('./pages/Grain.svelte')),
    '/plan': later(() => import('./pages/Plan.svelte')),
    '/plan/mat': later(() => import('./pages/Mat.svelte')),
    '/matches': later(() => import('./pages/Matches.svelte')),
    '/matches/points': later(() => import('./pages/Shadow.svelte')),
    '/matches/allowed': later(() => import('./pages/Allowed.svelte')),
    '/matches/rules': later(() => import('./pages/Rules.svelte')),
    '/matches/day/:id': later(() => import('./pages/MatchDay.svelte')),
    '/matches/day/:id/against/:name': later(() => import('./pages/Stranger.svelte')),
    '/matches/day/:id/live': later(() => import('./pages/LiveMatch.svelte')),
    '/partners': later(() => import('./pages/Partners.svelte')),
    '/partners/fears': later(() => import('./pages/Fears.svelte')),
    '/partners/:id': later(() => import('./pages/Partner.svelte')),
    '/partners/:id/side-by-side': later(() => import('./pages/SideBySide.svelte')),
    '/settings': later(() => import('./pages/Settings.svelte')),
    '/names': later(() => import('./pages/Glossary.svelte')),
    '*': Missing,
  };

  let help = $state(false);
  // A telling that waits in this browser has names in it.
  const hidden = namesHidden();
  const tells = $derived(router.location === '/log');

  const isOpen = () => document.querySelector('[role=dialog][data-state=open]') !== null;

  function press(event: KeyboardEvent) {
    if (event.defaultPrevented || isOpen()) return;
    const writing = isWriting(event);
    if (keys.escape.is(event)) {
      if (writing) (event.target as HTMLElement).blur();
      else if (router.location.startsWith('/rack/')) void push('/rack');
      return;
    }
    if (writing) return;
    const section = sections[digitOf(event) - 1];
    if (section) void push(section.path);
    else if (keys.log.is(event)) void push('/log');
    else if (keys.help.is(event)) help = true;
    else if (keys.find.is(event)) document.querySelector<HTMLElement>('[data-find]')?.focus();
    else return;
    event.preventDefault();
  }

  // Who goes to another section is read its heading; a roll opened beside the rack is part of the section.
  let section = router.location.split('/')[1];
  async function arrive() {
    const now = router.location.split('/')[1];
    if (now === section) return;
    section = now;
    leavePage();
    await tick();
    const heading = document.querySelector<HTMLElement>('main h1');
    if (!heading || document.querySelector('main')?.contains(document.activeElement)) return;
    heading.tabIndex = -1;
    heading.focus({ preventScroll: true });
    window.scrollTo(0, 0);
  }
</script>

<svelte:window onkeydown={press} />

<a class="skip" href="#main" onclick={(e) => (e.preventDefault(), document.getElementById('main')?.focus())}
  >To the page</a
>
<Rail />
<main
  id="main"
  tabindex="-1"
  class="mx-auto max-w-[76rem] px-4 pt-4 pb-24 outline-none min-[701px]:px-6 min-[701px]:pb-28"
>
  {#if hidden}<NamesHidden />{/if}
  {#if !(hidden && tells)}<Router {routes} onRouteLoaded={arrive} />{/if}
</main>
<Notices />
{#if help}
  {#await import('./parts/Keys.svelte') then { default: Keys }}<Keys onclose={() => (help = false)} />{/await}
{/if}

<style>
  .skip {
    position: absolute;
    left: -100rem;
  }
  .skip:focus {
    left: 1rem;
    top: 0.5rem;
    z-index: 20;
    background: var(--color-raised);
    padding: 0.5rem 1rem;
  }
</style>
