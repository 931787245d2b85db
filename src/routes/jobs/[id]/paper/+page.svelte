<script lang="ts">
  import PaperPage from '$lib/ui/paper/PaperPage.svelte'
</script>

<PaperPage />
