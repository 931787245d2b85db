<script lang="ts">
  import BriefPage from '$lib/ui/brief/BriefPage.svelte'
</script>

<BriefPage />
