<script lang="ts">
  import { notice } from '../notices.svelte';
</script>

<div class="place" role="status" aria-live="polite">
  {#if notice.now}
    {@const now = notice.now}
    <div class="plank">
      <span class:fault={now.trouble}>{now.text}</span>
      {#if now.action}
        {@const action = now.action}
        <button
          class="may"
          onclick={() => {
            const { run } = action;
            notice.now = null;
            run();
          }}>{action.label}</button
        >
      {/if}
      <button class="may" aria-label="Close the message" onclick={() => (notice.now = null)}>Close</button>
    </div>
  {/if}
</div>

<style>
  .place {
    position: fixed;
    left: 50%;
    bottom: 1.25rem;
    transform: translateX(-50%);
    z-index: 15;
    width: max-content;
    max-width: calc(100vw - 2rem);
  }
  .plank {
    display: flex;
    align-items: center;
    gap: 0.75rem;
    padding: 0.5rem 0.5rem 0.5rem 1rem;
    border: 1.5px solid var(--ink);
    box-shadow: 0 6px 18px rgb(0 0 0 / 18%);
  }
  @media (max-width: 700px) {
    .place {
      bottom: 4.5rem;
      width: calc(100vw - 2rem);
    }
    .plank {
      flex-wrap: wrap;
    }
  }
</style>
