<script lang="ts">
  import BudgetsPage from '$lib/ui/budgets/BudgetsPage.svelte'
</script>

<BudgetsPage />
