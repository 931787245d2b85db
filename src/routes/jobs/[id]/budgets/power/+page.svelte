<script lang="ts">
  import PowerPage from '$lib/ui/budgets/PowerPage.svelte'
</script>

<PowerPage />
