<script lang="ts">
  import { axlesOf, type Heavy } from '$lib/core/budgets'
  import { drawSection, drawView, wholeOf, type View } from '$lib/core/draw'
  import { sayHeavy } from '$lib/core/text'
  import { formatNumber, sayLength, sayMass } from '$lib/core/units'
  import { fitView, toScreen, type ViewFrame } from '../drawing/layout'
  import Marks from '../drawing/Marks.svelte'
  import type { Budgets } from './budgets.svelte'

  let { budgets }: { budgets: Budgets } = $props()
  let width = $state(420)
  const PLAN_PX = 196
  const SECTION_PX = 150
  const SECTION_WIDE = 190
  const BELOW_MM = -320
  const MOST_NAMED = 8
  const TEXT_PX = 12

  const report = $derived(budgets.report)
  const scene = $derived(budgets.scene)
  const unit = $derived(budgets.session.job.units)
  const axles = $derived(axlesOf(budgets.session.job.shell))
  const plan: View | undefined = $derived(scene === undefined ? undefined : wholeOf(drawView(scene, 'plan')))
  const section: View | undefined = $derived(
    scene === undefined || report === undefined
      ? undefined
      : drawSection(
          scene,
          Math.min(scene.interior.xSpan.max - 1, Math.max(scene.interior.xSpan.min + 1, report.centre[0])),
        ),
  )
  const planFrame = $derived(plan === undefined ? undefined : fitView('plan', width, PLAN_PX, plan.bounds, 18))
  const sectionFrame = $derived(
    section === undefined
      ? undefined
      : fitView(
          'section',
          SECTION_WIDE,
          SECTION_PX,
          // tanks hang under the floor
          { ...section.bounds, min: [section.bounds.min[0], Math.min(section.bounds.min[1], BELOW_MM)] },
          8,
        ),
  )
  /** Only what is there: a seat that was taken out has no dot. */
  const dots = $derived(
    report?.heavy.filter(({ kg, kind }) => kg > 1 && kind !== 'lining' && kind !== 'seat-out') ?? [],
  )
  const radius = (kg: number): number => 1.3 * Math.sqrt(kg)

  interface Named {
    readonly row: Heavy
    readonly x: number
    readonly y: number
    readonly text: string
    readonly labelX: number
    readonly labelY: number
  }
  /** Names of the heaviest, each beside its dot, moved up or down until it meets none before it. */
  const named = $derived.by((): readonly Named[] => {
    if (planFrame === undefined) return []
    const taken: { x0: number; x1: number; y: number }[] = []
    return dots.slice(0, MOST_NAMED).map((row): Named => {
      const [x, y] = toScreen(planFrame, [row.at[0], row.at[1]])
      const text = `${sayHeavy(row, budgets.session.job, budgets.names).replace(/, (filled|with its contents)$/, '')} ${formatNumber(Math.round(row.kg))}`
      const wide = text.length * 5.4
      const right = x + radius(row.kg) + 3
      const labelX = right + wide > width ? x - radius(row.kg) - 3 - wide : right
      let labelY = y + 4
      for (let round = 0; round < 14; round += 1) {
        const clash = taken.some(
          (one) => labelX < one.x1 && labelX + wide > one.x0 && Math.abs(one.y - labelY) < TEXT_PX,
        )
        if (!clash) break
        labelY += round % 2 === 0 ? TEXT_PX * (1 + round) * 0.5 : -TEXT_PX * (1 + round) * 0.5
      }
      labelY = Math.min(PLAN_PX - 4, Math.max(10, labelY))
      taken.push({ x0: labelX, x1: labelX + wide, y: labelY })
      return { row, x, y, text, labelX, labelY }
    })
  })
  const limitNow = (id: string): number => report?.limits.find((limit) => limit.id === id)?.now ?? 0
  const side = $derived(report?.limits.find(({ id }) => id === 'side')?.now)
  const total = $derived(limitNow('total'))
  const quarter = (x: number, y: number, r: number): string =>
    `M${x} ${y}V${y - r}A${r} ${r} 0 0 1 ${x + r} ${y}ZM${x} ${y}V${y + r}A${r} ${r} 0 0 1 ${x - r} ${y}Z`
  const CENTRE_R = 8
</script>

{#snippet centre(frame: ViewFrame, at: readonly [number, number])}
  {@const [x, y] = toScreen(frame, at)}
  <circle class="ring" cx={x} cy={y} r={CENTRE_R} /><path class="quarter" d={quarter(x, y, CENTRE_R)} />
{/snippet}

<section aria-label="Where it is" bind:clientWidth={width}>
  <h2 class="caps">Where it is</h2>
  {#if plan !== undefined && planFrame !== undefined && report !== undefined}
    <svg {width} height={PLAN_PX} class="block" role="img" aria-label="Weights in the plan, with the axles">
      <g class="pale">
        {#each plan.groups as group (group.key)}<Marks items={group.items} frame={planFrame} />{/each}
      </g>
      {#each [['rear', axles.rearXMm], ['front', axles.rearXMm + axles.wheelbaseMm]] as const as [id, x] (id)}
        {@const [px] = toScreen(planFrame, [x, 0])}
        <path class="axle" d="M{px} 4V{PLAN_PX - 4}" />
      {/each}
      {#each dots as row (row.key)}
        {@const [x, y] = toScreen(planFrame, [row.at[0], row.at[1]])}
        <circle class="dot" cx={x} cy={y} r={radius(row.kg)}
          ><title>{sayHeavy(row, budgets.session.job, budgets.names)}, {sayMass(Math.round(row.kg))}</title></circle
        >
      {/each}
      {@render centre(planFrame, report.centre)}
      {#each named as one (one.row.key)}
        <text class="label" x={one.labelX} y={one.labelY}>{one.text}</text>
      {/each}
    </svg>
    <p class="flex justify-between text-[0.9286rem]" data-testid="axles">
      <span>rear axle <b class="font-semibold">{sayMass(Math.round(limitNow('rear')))}</b></span>
      <span class="text-pencil">everything {sayMass(Math.round(total))}</span>
      <span>front axle <b class="font-semibold">{sayMass(Math.round(limitNow('front')))}</b></span>
    </p>
    <div class="mt-1 flex gap-4 border-t border-line pt-1">
      {#if section !== undefined && sectionFrame !== undefined}
        <svg
          width={SECTION_WIDE}
          height={SECTION_PX}
          class="block flex-none"
          role="img"
          aria-label="Weights seen from behind"
        >
          <g class="pale"
            >{#each section.groups as group (group.key)}<Marks items={group.items} frame={sectionFrame} />{/each}</g
          >
          {#each dots as row (row.key)}
            {@const [x, y] = toScreen(sectionFrame, [-row.at[1], row.at[2]])}
            <circle class="dot" cx={x} cy={y} r={radius(row.kg) * 0.8} />
          {/each}
        </svg>
      {/if}
      <div class="self-center text-[0.9286rem]">
        {#if side !== undefined}
          <div data-testid="sides">
            left <b class="font-semibold">{formatNumber(Math.round((total + side) / 2))}</b> · right
            <b class="font-semibold">{formatNumber(Math.round((total - side) / 2))}</b>
            <span class="text-ink-2"
              >{Math.abs(side) < 1
                ? 'alike'
                : `${sayMass(Math.round(Math.abs(side)))} to the ${side > 0 ? 'left' : 'right'}`}</span
            >
          </div>
        {/if}
        <div class="mt-1">
          centre {sayLength(Math.round(report.centre[0] - axles.rearXMm), unit)} ahead of the rear axle
        </div>
        <div class="mt-1 text-ink-2">
          {#if report.overGroundMm !== undefined}its height {sayLength(Math.round(report.overGroundMm), unit)} above the ground,
            as measured empty and added up{:else}what is built in and loaded
            {report.riseMm >= 0 ? 'raises' : 'lowers'} it by {sayLength(Math.abs(Math.round(report.riseMm)), unit)}; how
            high it is was not measured{/if}
        </div>
      </div>
    </div>
  {/if}
</section>

<style>
  .pale {
    opacity: 0.34;
  }
  .dot {
    fill: color-mix(in srgb, var(--ink) 30%, transparent);
    stroke: var(--ink);
    stroke-width: 0.8;
  }
  .axle {
    stroke: var(--ink);
    stroke-width: 1;
    stroke-dasharray: 9 3 2 3;
  }
  .ring {
    fill: var(--sheet);
    stroke: var(--pencil);
    stroke-width: 1.4;
  }
  .quarter {
    fill: var(--pencil);
  }
  .label {
    font-size: 11px;
    font-stretch: 84%;
    fill: var(--ink);
    stroke: var(--sheet);
    stroke-width: 3;
    paint-order: stroke;
    pointer-events: none;
  }
</style>
