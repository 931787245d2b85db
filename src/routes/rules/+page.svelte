<script lang="ts">
  import RulesPage from '$lib/ui/rules/RulesPage.svelte'
  import type { PageData } from './$types'
  let { data }: { data: PageData } = $props()
</script>

<RulesPage book={data.book} />
