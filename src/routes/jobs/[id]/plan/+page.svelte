<script lang="ts">
  import BenchPage from '$lib/ui/bench/BenchPage.svelte'
</script>

<BenchPage />
