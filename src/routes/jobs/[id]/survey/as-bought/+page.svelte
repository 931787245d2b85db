<script lang="ts">
  import ConditionPage from '$lib/ui/survey/ConditionPage.svelte'
</script>

<ConditionPage />
