<script lang="ts">
  import WarmthPage from '$lib/ui/budgets/WarmthPage.svelte'
</script>

<WarmthPage />
