<script lang="ts">
  import type { AirReport } from '$lib/core/budgets'
  import type { Vec2 } from '$lib/core/geometry'
  import { formatNumber } from '$lib/core/units'
  import BodyPlan from './BodyPlan.svelte'
  import type { Budget } from './budget.svelte'

  interface Props {
    budget: Budget<'air'>
    report: AirReport
  }
  let { budget, report }: Props = $props()
  const HIGH_PX = 190
  const MOST_PX = 9
  /** A figure stands so far off an opening. */
  const NEAR_PX = 26
  /** From every inlet to every outlet, by what goes that way. */
  const arrows = $derived.by(() => {
    const [ins, outs] = [
      report.places.filter(({ outM3H }) => outM3H < -1),
      report.places.filter(({ outM3H }) => outM3H > 1),
    ]
    const all = Math.max(
      1,
      outs.reduce((sum, { outM3H }) => sum + outM3H, 0),
    )
    const ways = ins.flatMap((from) => outs.map((to) => ({ from, to, m3h: (-from.outM3H * to.outM3H) / all })))
    const most = Math.max(1, ...ways.map(({ m3h }) => m3h))
    return ways.map(({ from, to, m3h }) => ({
      key: `${from.id} ${to.id}`,
      from: from.at,
      to: to.at,
      wide: Math.max(1, (MOST_PX * m3h) / most),
    }))
  })
  const head = ([x0, y0]: Vec2, [x1, y1]: Vec2, wide: number): string => {
    const [dx, dy] = [x1 - x0, y1 - y0]
    const long = Math.max(1, Math.hypot(dx, dy))
    const [ux, uy] = [dx / long, dy / long]
    const size = 6 + wide
    const at = (along: number, aside: number): string =>
      `${x1 - ux * along - uy * aside},${y1 - uy * along + ux * aside}`
    return `${at(0, 0)} ${at(size, size / 2)} ${at(size, -size / 2)}`
  }
</script>

<BodyPlan
  shell={budget.session.job.shell}
  plan={budget.plan}
  purpose="sleeping"
  highPx={HIGH_PX}
  label="Plan with the ways of the air, {report.hasFan ? 'the fan at full' : 'all open'}"
>
  {#snippet over(onScreen)}
    {#each arrows as { key, from, to, wide } (key)}
      {@const [a, b] = [onScreen(from), onScreen(to)]}
      <line x1={a[0]} y1={a[1]} x2={b[0]} y2={b[1]} stroke="var(--pencil)" stroke-width={wide} stroke-opacity="0.55" />
      <polygon points={head(a, b, wide)} fill="var(--pencil)" />
    {/each}
    {#each report.places as place (place.id)}
      {@const [x, y] = onScreen(place.at)}
      <circle cx={x} cy={y} r="4" fill="var(--sheet)" stroke="var(--ink)" stroke-width="1.4" />
    {/each}
    {#if report.spaces.length > 1}
      {#each report.spaces as space (space.id)}
        {@const [x, middle] = onScreen(space.middle)}
        {@const isNear = report.places.some(({ at }) => {
          const [u, v] = onScreen(at)
          return Math.hypot(u - x, v - middle) < NEAR_PX
        })}
        {@const y = isNear ? middle + NEAR_PX : middle}
        {@const m3h = space.into[report.hasFan ? 'full' : 'open']}
        <text
          {x}
          {y}
          text-anchor="middle"
          class="fill-ink text-[12px]"
          stroke="var(--sheet)"
          stroke-width="3"
          paint-order="stroke">{formatNumber(m3h / Math.max(0.1, space.volumeM3), 1)} /h</text
        >
      {/each}
    {/if}
  {/snippet}
</BodyPlan>
