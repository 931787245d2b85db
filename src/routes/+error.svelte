<script lang="ts">
  import { page } from '$app/state'
  import { deleteJob } from '$lib/ui/jobs/job-requests'

  /** What is wrong, what is safe, and what to do, by what the server answered. */
  const view = $derived.by(() => {
    const { status } = page
    if (status === 404)
      return {
        title: 'Nothing here',
        safe: 'If a job was here, it was deleted: deleted jobs can be put back from the foot of the list.',
      }
    if (status === 507 || status === 503)
      return {
        title: 'The stored jobs cannot be reached',
        safe: 'Nothing that was saved is lost by this. What was not saved yet is kept in this browser and is sent when the job is next opened.',
      }
    if (status === 409)
      return { title: 'This job cannot be read', safe: 'It is stored as it is, and nothing of it was changed.' }
    return {
      title: 'That did not work',
      safe: 'What was saved is safe. What was not saved yet is kept in this browser and is sent when the job is next opened.',
    }
  })
  const jobId = $derived(page.params.id)

  let fault = $state('')
  /** It can be put back from the list of jobs. */
  async function setAside(): Promise<void> {
    const outcome = await deleteJob(jobId ?? '')
    if (outcome.ok) location.href = '/'
    else fault = outcome.message
  }
</script>

<svelte:head><title>{view.title} · Zimmerman</title></svelte:head>
<header class="flex h-12 items-center border-b border-ink bg-sheet px-6">
  <a class="text-lg font-bold tracking-tight" style="font-stretch: 110%" href="/" title="All jobs">Zimmerman</a>
</header>
<main class="mx-auto max-w-xl px-6 py-24">
  <h1 class="text-xl">{view.title}</h1>
  <p class="mt-4">{page.error?.message}</p>
  <p class="my-4 text-ink-2">{view.safe}</p>
  <p class="flex gap-6">
    {#if page.status !== 404}<button class="act" onclick={() => location.reload()}>Try again</button>{/if}
    {#if page.status === 409 && jobId !== undefined}
      <a class="act" href="/api/jobs/{jobId}?raw" download>Export it as it is stored</a>
      <button class="act" onclick={setAside}>Set it aside</button>
    {/if}
    <a class="act" href="/">To the jobs</a>
    {#if page.status === 503 || page.status === 507}<a class="act" href="/copies">To the copies</a>{/if}
  </p>
  {#if fault !== ''}<p role="alert" class="mt-3 text-stop">{fault}</p>{/if}
</main>
