<script lang="ts">
  import { page } from '$app/state'
</script>

<svelte:head><title>Zimmerman</title></svelte:head>
<main class="mx-auto max-w-xl px-6 py-24">
  <h1 class="text-xl">{page.status === 404 ? 'Nothing here' : 'That did not work'}</h1>
  <p class="my-4">{page.error?.message}</p>
  <a class="act" href="/">To the jobs</a>
</main>
