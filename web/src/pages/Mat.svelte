<script lang="ts">
  import { link, push } from 'svelte-spa-router';
  import { api, got } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { day } from '../base/words';
  import Failed from '../kit/Failed.svelte';
  import { tell } from '../kit/notices';
  import OnTheMat from '../plan/OnTheMat.svelte';

  const asked = resource(() => got(api.GET('/api/plan')));
  const plan = $derived(asked.value);
  const session = $derived(plan?.next && plan.next.rounds.length > 0 ? plan.next : null);

  function kept() {
    tell({ text: 'Kept. After class, tell the rolls: the mission is set.', onward: true });
    void push('/log');
  }
</script>

<svelte:head><title>On the mat · Ash Notch</title></svelte:head>

<h1>
  On the mat {#if session}<span class="quiet"
      >{session.date === plan?.today ? 'today' : day(session.date)}</span
    >{/if}
</h1>
<Failed of={asked} />
{#if plan && session && plan.block?.block.id}
  {#key `${plan.block.block.id} ${session.date}`}
    <OnTheMat block={plan.block.block.id} {session} today={plan.today} onkept={kept} />
  {/key}
{:else if plan}
  <p>
    {plan.none ?? plan.next?.note ?? (plan.block ? 'Everything of this block is done.' : 'No block runs.')}
    <a href="/plan" use:link>Choose what to work on</a>
  </p>
{/if}

<style>
  h1 .quiet {
    font-weight: 400;
    font-size: 1.125rem;
    font-family: var(--typo-base--font-family);
  }
</style>
