<script lang="ts">
  import '../app.css'
  import { onMount, type Snippet } from 'svelte'
  import { readyToasts } from '$lib/ui/parts/toast'
  let { children }: { children: Snippet } = $props()
  onMount(() => {
    document.documentElement.dataset.hydrated = 'true'
    return readyToasts()
  })
</script>

{@render children()}
