<script lang="ts">
  import { untrack, type Snippet } from 'svelte'
  import { setSession } from '$lib/ui/job/context'
  import { JobSession } from '$lib/ui/job/job-session.svelte'
  import { tell } from '$lib/ui/parts/toast'
  import type { LayoutData } from './$types'

  let { data, children }: { data: LayoutData; children: Snippet } = $props()
  const session = untrack(() => new JobSession(data.job.id, data.job, data.revision))
  setSession(session)

  // once, whatever of the session changes: it looks after itself from then on
  $effect(() => untrack(() => session.attach()))
  $effect(() => {
    if (session.notice.text !== '') tell(session.notice.text)
  })
</script>

{@render children()}
