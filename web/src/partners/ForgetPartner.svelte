<!-- Forgets a partner: what is known of them goes, their name goes from everything told, the rolls stay. -->
<script lang="ts">
  import { push } from 'svelte-spa-router';
  import { api, got, type Schemas } from '../api/client';
  import { moment, times } from '../base/words';
  import Modal from '../kit/Modal.svelte';
  import { tell, tellTrouble } from '../kit/notices';
  import { forgetHere } from './forget';

  let { partner, rolls }: { partner: Schemas['PartnerDocument']; rolls: number } = $props();

  let asking = $state(false);
  let under = $state(false);
  let done = $state<Schemas['ForgottenView'] | null>(null);
  let copies = $state.raw<Schemas['BackupView'][]>([]);

  async function forget() {
    under = true;
    try {
      const gone = await got(
        api.POST('/api/partners/{id}/forget', { params: { path: { id: partner.id ?? '' } } }),
      );
      copies = gone.copies;
      done = gone;
      await forgetHere(partner);
      if (copies.length === 0) leave();
    } catch (error) {
      tellTrouble(error);
    } finally {
      under = false;
    }
  }

  async function clean(copy: Schemas['BackupView'], del: boolean) {
    under = true;
    try {
      await got(
        api.POST('/api/backups/{name}/forget', {
          params: { path: { name: copy.name } },
          body: {
            partner: { id: partner.id, name: partner.name, alsoCalled: partner.alsoCalled },
            delete: del,
          },
        }),
      );
      copies = copies.filter((c) => c.name !== copy.name);
      if (copies.length === 0) leave();
    } catch (error) {
      tellTrouble(error);
    } finally {
      under = false;
    }
  }

  function leave() {
    asking = false;
    tell({
      text: `Forgotten; ${times(done?.rolls ?? 0, 'roll')} ${done?.rolls === 1 ? 'stays' : 'stay'} with someone.`,
      onward: true,
    });
    void push('/partners');
  }
</script>

<button class="may" type="button" onclick={() => (asking = true)}>Forget {partner.name}</button>
{#if asking}
  <Modal title="Forget {partner.name}" onclose={() => (done ? leave() : (asking = false))}>
    {#if !done}
      <p class="my-3">
        Notes, traits and earlier forms go. In everything told, remembered and begun, “someone” stands where
        the name stood. {rolls === 1 ? 'One roll stays' : `${times(rolls, 'roll')} stay`}, with somebody
        unknown. There is no way back.
      </p>
      <div class="flex gap-2">
        <button class="do" type="button" disabled={under} onclick={forget}>Forget</button>
        <button class="may" type="button" onclick={() => (asking = false)}>Keep</button>
      </div>
    {:else}
      <p class="my-3">
        Forgotten here. These copies beside the log still hold them; each can be written anew without them, or
        deleted. Copies you took elsewhere, and files you exported, are yours to look after.
      </p>
      <ul>
        {#each copies as copy (copy.name)}
          <li>
            <span>Copy of {moment(copy.at)}</span>
            <button class="may" type="button" disabled={under} onclick={() => clean(copy, false)}
              >Write it anew</button
            >
            <button class="may" type="button" disabled={under} onclick={() => clean(copy, true)}
              >Delete it</button
            >
          </li>
        {/each}
      </ul>
      <button class="may mt-3" type="button" onclick={leave}>Leave them as they are</button>
    {/if}
  </Modal>
{/if}

<style>
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem;
    padding: 0.375rem 0;
    border-bottom: 1px solid var(--color-grain);
  }
  li span {
    flex: 1;
    min-width: 12rem;
  }
</style>
