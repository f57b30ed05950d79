<!-- The copies of the whole log: made, downloaded, looked into, put back. -->
<script lang="ts">
  import { api, got, type Schemas } from '../api/client';
  import { resource } from '../base/resource.svelte';
  import { day, moment, times } from '../base/words';
  import Failed from '../kit/Failed.svelte';
  import Modal from '../kit/Modal.svelte';
  import { tell, tellTrouble } from '../kit/notices';
  import LastCopy from './LastCopy.svelte';

  let { onrestored }: { onrestored: () => void } = $props();

  type Backup = Schemas['BackupView'];
  const few = 6;

  const kept = resource(() => got(api.GET('/api/backups')));
  const standing = resource(() => got(api.GET('/api/copies')));
  let all = $state(false);
  let opened = $state<{ backup: Backup; holds: Schemas['BackupContents'] } | null>(null);
  let failed = $state('');
  let working = $state(false);

  const size = (bytes: number) =>
    bytes < 1_000_000
      ? `${Math.max(1, Math.round(bytes / 1000))} kB`
      : `${(bytes / 1_000_000).toFixed(1)} MB`;

  async function make() {
    working = true;
    try {
      await got(api.POST('/api/backups'));
      await Promise.all([kept.load(), standing.load()]);
      tell({ text: 'A copy of everything is made.' });
    } catch (error) {
      tellTrouble(error);
    } finally {
      working = false;
    }
  }

  async function look(backup: Backup) {
    failed = '';
    try {
      opened = {
        backup,
        holds: await got(api.GET('/api/backups/{name}', { params: { path: { name: backup.name } } })),
      };
    } catch (error) {
      tellTrouble(error);
    }
  }

  const put = (name: string) => got(api.POST('/api/backups/{name}/restore', { params: { path: { name } } }));

  async function restore() {
    if (!opened) return;
    working = true;
    try {
      const before = await put(opened.backup.name);
      opened = null;
      tell({
        text: 'Your log is as it was in that copy.',
        action: {
          label: 'Undo',
          run: async () => {
            await put(before.name);
            await kept.load();
            onrestored();
          },
        },
      });
      await kept.load();
      onrestored();
    } catch (error) {
      failed = (error as Error).message;
    } finally {
      working = false;
    }
  }
</script>

<p>
  A copy of everything (your rolls with every earlier form, what you deleted, drafts, settings) is made each
  night that something changed, and kept for seven days, four weeks and twelve months.
</p>
<LastCopy of={standing.value} />
{#if standing.value?.unfolded}
  <p class="quiet my-2">
    The newest saves are still beside the file, not in it; a copy made here has them. {standing.value
      .unfolded}
  </p>
{/if}
<div class="mt-2 flex gap-2">
  <button class="may" disabled={working} onclick={make}>Make a copy now</button>
</div>
<Failed of={kept} />
{#if kept.value}
  {#if kept.value.length === 0}<p class="quiet mt-2">
      There is none yet; the first is made soon after your first roll.
    </p>{/if}
  <ul class="mt-2" aria-label="Copies">
    {#each kept.value.slice(0, all ? undefined : few) as backup (backup.name)}
      <li>
        <span>{moment(backup.at)} <span class="quiet">{backup.say}, {size(backup.bytes)}</span></span>
        <span class="flex gap-2">
          <a class="may" href="/api/backups/{encodeURIComponent(backup.name)}/file" download>Download</a>
          <button class="may" onclick={() => look(backup)}>Look into it</button>
        </span>
      </li>
    {/each}
  </ul>
  {#if kept.value.length > few && !all}
    <button class="may mt-2" onclick={() => (all = true)}>All {kept.value.length}</button>
  {/if}
{/if}

{#if opened}
  {@const { backup, holds } = opened}
  <Modal title="The copy of {moment(backup.at)}" onclose={() => (opened = null)}>
    <p class="mt-3">
      {times(holds.rolls, 'roll')} in {times(holds.sessions, 'session')}, {times(
        holds.partners,
        'partner',
      )}{holds.firstDay ? `, from ${day(holds.firstDay)} to ${day(holds.lastDay)}` : ''}.
    </p>
    <p class="mt-2">
      Put it back, and your log is as it was then. What you have now is kept as a copy first, so you can come
      back to it.
    </p>
    {#if failed}<p class="fault mt-3" role="alert">{failed}</p>{/if}
    <div class="mt-4 flex flex-wrap gap-2">
      <button class="do" disabled={working} onclick={restore}>Put it back</button>
      <button class="may" onclick={() => (opened = null)}>Leave things as they are</button>
    </div>
  </Modal>
{/if}

<style>
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 0.25rem 1rem;
    padding: 0.375rem 0;
    border-bottom: 1px solid var(--color-grain);
  }
</style>
