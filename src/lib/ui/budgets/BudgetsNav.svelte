<script lang="ts">
  import { sayMass } from '$lib/core/units'
  import type { BudgetFigures } from '$lib/workers/budget-client'

  interface Props {
    id: string
    current: 'weight' | 'water' | 'power' | 'gas' | 'warmth' | 'air'
    variant: string
    /** Of the variant, once all of them are known. */
    figures: BudgetFigures | undefined
  }
  let { id, current, variant, figures }: Props = $props()
  const rows = $derived(
    (
      [
        [
          'weight',
          'Weight',
          figures === undefined
            ? undefined
            : figures.spareKg === undefined
              ? '–'
              : sayMass(Math.floor(figures.spareKg)),
        ],
        ['water', 'Water', figures?.water],
        ['power', 'Power', figures?.power],
        ['gas', 'Gas', figures?.gas],
        ['warmth', 'Warmth', figures?.warmth],
        ['air', 'Air', figures?.air],
      ] as const
    ).map(([key, name, figure]) => ({
      key,
      name,
      href: `/jobs/${id}/budgets${key === 'weight' ? '' : `/${key}`}?variant=${variant}`,
      figure: figure ?? '…',
    })),
  )
</script>

<nav aria-label="Budgets" class="no-print py-3 text-[0.9286rem]">
  {#each rows as { key, name, href, figure } (key)}
    <a
      {href}
      aria-current={key === current ? 'page' : undefined}
      class="flex justify-between gap-2 border-l-2 px-3 py-1 {key === current
        ? 'border-pencil font-semibold text-pencil'
        : 'border-transparent hover:text-pencil'}"><span>{name}</span><span class="truncate">{figure}</span></a
    >
  {/each}
</nav>
