<script lang="ts">
  import WaterPage from '$lib/ui/budgets/WaterPage.svelte'
</script>

<WaterPage />
