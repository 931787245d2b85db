<script lang="ts">
  import CopiesPage from '$lib/ui/copies/CopiesPage.svelte'
  import type { PageData } from './$types'
  let { data }: { data: PageData } = $props()
</script>

<CopiesPage copies={data.copies} fault={data.fault} folder={data.folder} daysKept={data.daysKept} />
