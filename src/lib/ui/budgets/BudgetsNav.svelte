<script lang="ts">
  import { sayMass } from '$lib/core/units'

  interface Props {
    id: string
    current: 'weight' | 'power'
    variant: string
    /** What may still be loaded, kg. */
    spareKg: number | undefined
    /** How the year of its power goes, in a word. */
    power: string | undefined
  }
  let { id, current, variant, spareKg, power }: Props = $props()
  const rows = $derived([
    {
      key: 'weight',
      name: 'Weight',
      href: `/jobs/${id}/budgets?variant=${variant}`,
      figure: spareKg === undefined ? '…' : sayMass(Math.floor(spareKg)),
    },
    {
      key: 'power',
      name: 'Power',
      href: `/jobs/${id}/budgets/power?variant=${variant}`,
      figure: power ?? '…',
    },
  ])
</script>

<nav aria-label="Budgets" class="no-print py-3 text-[0.9286rem]">
  {#each rows as { key, name, href, figure } (key)}
    <a
      {href}
      aria-current={key === current ? 'page' : undefined}
      class="flex justify-between border-l-2 px-3 py-1 {key === current
        ? 'border-pencil font-semibold text-pencil'
        : 'border-transparent hover:text-pencil'}"><span>{name}</span><span>{figure}</span></a
    >
  {/each}
</nav>
