<script lang="ts">
  import VehiclePage from '$lib/ui/vehicle/VehiclePage.svelte'
</script>

<VehiclePage />
