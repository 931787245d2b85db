<script lang="ts">
  import ReviewPage from '$lib/ui/review/ReviewPage.svelte'
</script>

<ReviewPage />
