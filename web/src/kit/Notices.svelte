<!-- Short messages at the foot of the page, each with something to do about it. -->
<script lang="ts">
  import { Toast } from '@skeletonlabs/skeleton-svelte';
  import { toaster } from './notices';
</script>

<Toast.Group {toaster}>
  {#snippet children(toast)}
    <Toast {toast}>
      <Toast.Message>
        <Toast.Title class={toast.type === 'error' ? 'fault' : ''}>{toast.title}</Toast.Title>
      </Toast.Message>
      {#if toast.action}<Toast.ActionTrigger>{toast.action.label}</Toast.ActionTrigger>{/if}
      <Toast.CloseTrigger aria-label="Close the message">Close</Toast.CloseTrigger>
    </Toast>
  {/snippet}
</Toast.Group>
