<script lang="ts">
  import { goto } from '$app/navigation'
  import Menu from '../parts/Menu.svelte'
  import NameField from '../parts/NameField.svelte'
  import type { Entry } from '../parts/menu'
  import type { Bench } from './bench.svelte'

  let { bench, oncompare }: { bench: Bench; oncompare: () => void } = $props()
  const name = $derived(bench.session.job.variants[bench.variantId]?.name ?? '')
  let renaming = $state(false)

  function rename(to: string | undefined): void {
    renaming = false
    if (to !== undefined) bench.session.do({ type: 'variant.rename', variant: bench.variantId, name: to })
  }

  const entries: readonly Entry[] = $derived([
    ...bench.variants.map(([id, variant]) => ({
      label: variant.name,
      chosen: id === bench.variantId,
      act: () => bench.showVariant(id),
    })),
    'rule',
    { label: 'New variant from this one', act: () => bench.addVariant() },
    ...(bench.variants.length > 1 ? [{ label: 'Compare two variants…', act: oncompare }] : []),
    { label: 'Rename this one…', opensField: true, act: () => (renaming = true) },
    ...(bench.variants.length > 1
      ? [
          {
            label: 'Delete this one',
            act: () => void bench.session.do({ type: 'variant.remove', variant: bench.variantId }),
          },
        ]
      : []),
    'rule',
    {
      label: 'On paper…',
      act: () => void goto(`/jobs/${bench.session.id}/paper?what=set&variant=${bench.variantId}&mode=${bench.modeId}`),
    },
    { label: 'Export job', act: () => (location.href = `/api/jobs/${bench.session.id}?download`) },
  ])
</script>

{#if renaming}
  <NameField look="w-40 ruled" label="Name of the variant" {name} most={60} onend={rename} />
{:else}
  <Menu {entries} look="max-w-48 truncate whitespace-nowrap hover:text-pencil"
    ><span class="text-ink-2">variant</span> <b class="font-semibold">{name}</b> ▾</Menu
  >
{/if}
