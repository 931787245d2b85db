<script lang="ts">
  import HousePage from '$lib/ui/house/HousePage.svelte'
</script>

<HousePage />
