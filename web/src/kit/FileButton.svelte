<!-- A file from this machine. -->
<script lang="ts">
  import { FileUpload } from '@skeletonlabs/skeleton-svelte';

  let {
    label,
    accept,
    quiet = false,
    onfile,
  }: { label: string; accept: string[]; quiet?: boolean; onfile: (file: File) => void } = $props();
</script>

<FileUpload
  accept={accept as never}
  maxFiles={1}
  acceptedFiles={[]}
  onFileChange={({ acceptedFiles, rejectedFiles }) => {
    // A file of another kind is taken too: who chose it is told what is wrong with it.
    const file = acceptedFiles[0] ?? rejectedFiles[0]?.file;
    if (file) onfile(file);
  }}
  class="w-auto!"
>
  <FileUpload.Trigger class={quiet ? 'quietly' : 'may'}>{label}</FileUpload.Trigger>
  <FileUpload.HiddenInput aria-label={label} />
</FileUpload>

<style>
  :global(.may[data-part='trigger']) {
    background: none;
    border: 1px solid var(--color-edge);
    color: var(--color-ink);
  }
  :global(.may[data-part='trigger']:hover) {
    background: var(--color-wood);
  }
  :global(.quietly[data-part='trigger']) {
    all: unset;
    display: inline-flex;
    align-items: center;
    min-height: 44px;
    text-decoration: underline;
    cursor: pointer;
  }
  :global(.quietly[data-part='trigger']:focus-visible) {
    outline: 2px solid var(--color-ink);
    outline-offset: 2px;
  }
</style>
