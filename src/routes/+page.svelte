<script lang="ts">
  import JobsPage from '$lib/ui/jobs/JobsPage.svelte'
  import type { PageData } from './$types'
  let { data }: { data: PageData } = $props()
</script>

<JobsPage jobs={data.jobs} deleted={data.deleted} who={data.who} />
