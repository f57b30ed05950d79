<!-- Says that partners' names are hidden, and shows them again. -->
<script lang="ts">
  import { hideNames } from '../base/names-hidden';
</script>

<div class="hidden-names" role="status">
  <span>Names are hidden. Show them again to log or change something.</span>
  <button class="may" onclick={() => hideNames(false)}>Show names</button>
</div>

<style>
  .hidden-names {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 0.25rem 1rem;
    margin-bottom: 0.75rem;
    border-bottom: 1px solid var(--color-grain);
    padding-bottom: 0.5rem;
  }
</style>
