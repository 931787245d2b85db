<script lang="ts">
  import AirPage from '$lib/ui/budgets/AirPage.svelte'
</script>

<AirPage />
