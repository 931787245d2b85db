<script lang="ts">
  import ClientSheet from '$lib/ui/review/ClientSheet.svelte'
</script>

<ClientSheet />
