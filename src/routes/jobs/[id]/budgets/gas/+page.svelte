<script lang="ts">
  import GasPage from '$lib/ui/budgets/GasPage.svelte'
</script>

<GasPage />
