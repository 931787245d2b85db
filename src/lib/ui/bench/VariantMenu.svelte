<script lang="ts">
  import Menu from '../parts/Menu.svelte'
  import type { Entry } from '../parts/menu'
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

  const entries: readonly Entry[] = $derived([
    ...bench.variants.map(([id, variant]) => ({
      label: variant.name,
      chosen: id === bench.variantId,
      act: () => bench.showVariant(id),
    })),
    'rule',
    { label: 'New variant from this one', act: () => bench.addVariant() },
    { label: 'Rename this one…', act: () => (renaming = true) },
    ...(bench.variants.length > 1
      ? [
          {
            label: 'Take this one out',
            act: () => void bench.session.do({ type: 'variant.remove', variant: bench.variantId }),
          },
        ]
      : []),
    'rule',
    ...SHEET_SCALES.map((scale) => ({
      label: `Drawing as SVG, 1 : ${scale}`,
      act: () => {
        location.href = `/api/jobs/${bench.session.id}/drawing.svg?full&scale=${scale}&variant=${bench.variantId}&mode=${bench.modeId}`
      },
    })),
    { label: 'The job as a file', act: () => (location.href = `/api/jobs/${bench.session.id}?download`) },
  ])
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
  <Menu {entries} look="max-w-48 truncate whitespace-nowrap hover:text-pencil"
    ><span class="text-ink-2">variant</span> <b class="font-semibold">{name}</b> ▾</Menu
  >
{/if}
