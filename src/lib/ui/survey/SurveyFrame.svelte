<script lang="ts">
  import type { Snippet } from 'svelte'
  import JobBar from '../job/JobBar.svelte'

  interface Props {
    jobId: string
    part: 'measures' | 'as-bought'
    /** What the list on the left is called. */
    label: string
    list: Snippet
    drawing: Snippet
    sum: Snippet
    /** The sum is left out on paper. */
    paperSum?: boolean
  }
  let { jobId, part, label, list, drawing, sum, paperSum = false }: Props = $props()
  const PARTS = [
    ['measures', 'Measures', ''],
    ['as-bought', 'As bought', '/as-bought'],
  ] as const
</script>

<div class="desk">
  <JobBar current="vehicle" />
  <div class="desk-columns" style:--columns="30.7rem minmax(0, 1fr) 20rem">
    <aside class="px-5 py-4" aria-label={label}>
      <div class="flex items-baseline justify-between">
        <h1 class="text-lg">Survey</h1>
        <a class="act text-sm" href="/jobs/{jobId}/vehicle">Back to the vehicle</a>
      </div>
      <nav class="no-print mt-1 flex items-end gap-4 border-b border-line text-sm" aria-label="Parts of the survey">
        {#each PARTS as [id, words, path] (id)}
          <a
            href="/jobs/{jobId}/survey{path}"
            class="inline-flex items-center border-b-2 pb-0.5 font-semibold {id === part
              ? 'border-pencil'
              : 'border-transparent text-pencil hover:underline'}"
            aria-current={id === part ? 'page' : undefined}>{words}</a
          >
        {/each}
      </nav>
      {@render list()}
    </aside>
    <main class="bg-sheet px-4 py-4">{@render drawing()}</main>
    <aside class={['px-4 py-4 text-[0.9286rem]', !paperSum && 'no-print']} aria-label="What the measurements make">
      {@render sum()}
    </aside>
  </div>
</div>

<style>
  /* What is measured stays in sight while the list goes by under it. */
  @media screen and (max-width: 68.7rem) {
    main {
      position: sticky;
      top: 0;
      z-index: 5;
      order: -1;
      padding-block: 0.25rem;
      border-bottom: 1px solid var(--ink);
    }
  }
</style>
