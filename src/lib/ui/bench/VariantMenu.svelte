<script lang="ts">
  import { DropdownMenu } from 'bits-ui'
  import type { Bench } from './bench.svelte'

  let { bench }: { bench: Bench } = $props()
  const name = $derived(bench.session.job.variants[bench.variantId]?.name ?? '')
  const SHEET_SCALES = [10, 20, 50]
  let renaming = $state(false)

  function rename(text: string): void {
    renaming = false
    if (text.trim() !== '' && text.trim() !== name)
      bench.session.do({ type: 'variant.rename', variant: bench.variantId, name: text.trim().slice(0, 60) })
  }
</script>

{#if renaming}
  <!-- svelte-ignore a11y_autofocus -->
  <input
    class="w-40 ruled"
    aria-label="Name of the variant"
    value={name}
    maxlength="60"
    autofocus
    onblur={(event) => rename(event.currentTarget.value)}
    onkeydown={(event) => {
      event.stopPropagation()
      if (event.key === 'Enter') rename(event.currentTarget.value)
      if (event.key === 'Escape') renaming = false
    }}
  />
{:else}
  <DropdownMenu.Root>
    <DropdownMenu.Trigger class="max-w-48 truncate whitespace-nowrap hover:text-pencil"
      ><span class="text-ink-2">variant</span> <b class="font-semibold">{name}</b> ▾</DropdownMenu.Trigger
    >
    <DropdownMenu.Portal>
      <DropdownMenu.Content class="z-50 min-w-48 border border-ink bg-sheet py-1" align="start" sideOffset={8}>
        {#each bench.variants as [id, variant] (id)}
          <DropdownMenu.Item
            class="px-3 py-1 data-highlighted:bg-paper {id === bench.variantId ? 'font-semibold' : ''}"
            onSelect={() => bench.showVariant(id)}>{variant.name}</DropdownMenu.Item
          >
        {/each}
        <DropdownMenu.Separator class="my-1 border-t border-line" />
        <DropdownMenu.Item class="px-3 py-1 data-highlighted:bg-paper" onSelect={() => bench.addVariant()}
          >New variant from this one</DropdownMenu.Item
        >
        <DropdownMenu.Item class="px-3 py-1 data-highlighted:bg-paper" onSelect={() => (renaming = true)}
          >Rename this one…</DropdownMenu.Item
        >
        {#if bench.variants.length > 1}
          <DropdownMenu.Item
            class="px-3 py-1 data-highlighted:bg-paper"
            onSelect={() => bench.session.do({ type: 'variant.remove', variant: bench.variantId })}
            >Take this one out</DropdownMenu.Item
          >
        {/if}
        <DropdownMenu.Separator class="my-1 border-t border-line" />
        {#each SHEET_SCALES as scale (scale)}
          <DropdownMenu.Item
            class="px-3 py-1 data-highlighted:bg-paper"
            onSelect={() =>
              (location.href = `/api/jobs/${bench.session.id}/drawing.svg?full&scale=${scale}&variant=${bench.variantId}&mode=${bench.modeId}`)}
            >Drawing as SVG, 1 : {scale}</DropdownMenu.Item
          >
        {/each}
        <DropdownMenu.Item
          class="px-3 py-1 data-highlighted:bg-paper"
          onSelect={() => (location.href = `/api/jobs/${bench.session.id}?download`)}
          >The job as a file</DropdownMenu.Item
        >
      </DropdownMenu.Content>
    </DropdownMenu.Portal>
  </DropdownMenu.Root>
{/if}
