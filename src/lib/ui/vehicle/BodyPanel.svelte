<script lang="ts">
  import { capital, WAY_WORDS } from '$lib/core/text'
  import type { Shell } from '$lib/core/shell'
  import { GENERIC_SHELLS } from '$lib/core/shells'
  import { formatLength, sayLength, sayMass, type LengthUnit } from '$lib/core/units'
  import ShellSelect from '../parts/ShellSelect.svelte'

  interface Props {
    shell: Shell
    unit: LengthUnit
    surveyHref: string
    onmirror: () => void
    onshell: (shell: Shell) => void
  }
  let { shell, unit, surveyHref, onmirror, onshell }: Props = $props()

  const known = $derived(GENERIC_SHELLS.some(({ id }) => id === shell.id))
  const facts = $derived.by((): readonly (readonly [string, string])[] => {
    const { axles, masses, outer, ribs, cab } = shell
    const rails = (on: 'floor' | 'roof') => {
      const number = shell.rails.filter((rail) => rail.on === on).length
      return number === 0 ? undefined : String(number)
    }
    const of = (name: string, value: string | undefined) => (value === undefined ? [] : [[name, value] as const])
    const pair = (a: number | undefined, b: number | undefined) =>
      a === undefined || b === undefined ? undefined : `${sayMass(a)} · ${sayMass(b)}`
    return [
      ...of('Wheelbase', sayLength(axles.wheelbaseMm, unit)),
      ...of('Rear axle', `${sayLength(axles.rearXMm, unit)} from sill`),
      ...of('Track', axles.trackMm === undefined ? undefined : sayLength(axles.trackMm, unit)),
      ...of('Kerb weight', sayMass(masses.kerbKg)),
      ...of('on the axles, empty', pair(axles.kerbFrontKg, axles.kerbRearKg)),
      ...of('axle ratings', pair(axles.ratingFrontKg, axles.ratingRearKg)),
      ...of('Gross weight', sayMass(masses.grossKg)),
      ...of(
        'Outside',
        outer === undefined
          ? undefined
          : [outer.lengthMm, outer.widthMm, outer.heightMm].map((mm) => formatLength(mm, unit)).join(' × '),
      ),
      ...of('Ground clearance', outer === undefined ? undefined : sayLength(outer.groundMm, unit)),
      ...of(
        'Ribs stand proud',
        ribs.wallMm + ribs.roofMm === 0
          ? undefined
          : `walls ${formatLength(ribs.wallMm, unit)}, roof ${formatLength(ribs.roofMm, unit)}`,
      ),
      ...of(
        'Cab, if open',
        cab === undefined
          ? undefined
          : `${formatLength(cab.lengthMm, unit)} × ${formatLength(cab.widthMm, unit)}, ${formatLength(cab.roofMm - cab.floorMm, unit)} high`,
      ),
      ...of('Cab seats turn', seatsTurn(shell)),
      ...of('Rails in the floor', rails('floor')),
      ...of('Rails on the roof', rails('roof')),
      ...of('Seats behind, as delivered', shell.loadSeats.length === 0 ? undefined : String(shell.loadSeats.length)),
      ...of('Mounting points', shell.fixings.length === 0 ? undefined : String(shell.fixings.length)),
    ]
  })
  function seatsTurn({ cabSeats }: Shell): string | undefined {
    const turning = cabSeats.filter(({ swivel }) => swivel !== undefined).map(({ label }) => label)
    return turning.length === 0 ? undefined : turning.join(', ')
  }
  const NEED_WORDS = { 'stay-free': 'stays free', 'may-cover': 'may be covered', emergency: 'emergency exit' } as const
</script>

<ShellSelect
  value={shell.id}
  own={known ? undefined : shell.name}
  onchoose={(id) => {
    const next = GENERIC_SHELLS.find((one) => one.id === id)
    if (next !== undefined && next.id !== shell.id) onshell(next)
  }}
/>
<p class="mt-1 text-sm text-ink-2">
  {known ? 'A generic body with typical figures.' : 'A body of your own.'} Measure the real one empty before anything is cut.
</p>
<p class="mt-1"><a class="act text-sm" href={surveyHref}>Measure it: the survey</a></p>
<p class="mt-1">
  <button class="act text-sm" onclick={onmirror}>Mirror it for the other side of the road</button>
</p>
<dl class="mt-3 text-[0.9286rem]">
  {#each facts as [name, figure] (name)}
    <div class="flex justify-between gap-3 border-b border-line py-1">
      <dt class="text-ink-2">{name}</dt>
      <dd class="text-right">{figure}</dd>
    </div>
  {/each}
</dl>

<h2 class="mt-5 caps">Openings</h2>
<ul class="text-[0.9286rem]">
  {#each shell.openings as opening (opening.id)}
    <li class="border-b border-line py-1">
      <b class="font-semibold">{capital(opening.label)}</b><br /><span class="text-ink-2"
        >{formatLength(opening.toMm - opening.fromMm, unit)} × {formatLength(opening.headMm - opening.sillMm, unit)},
        {WAY_WORDS[opening.opens]}, {NEED_WORDS[opening.need]}{opening.entrance ? ', way in' : ''}{opening.stepMm ===
        undefined
          ? ''
          : `, a step ${sayLength(opening.stepMm, unit)} below`}{opening.outsideOnly === true
          ? ', from outside only'
          : ''}{opening.standsUp === true ? ', you can stand up in it' : ''}{opening.behind === undefined
          ? ''
          : `, behind the leaf of the ${shell.openings.find(({ id }) => id === opening.behind)!.label}`}</span
      >
    </li>
  {/each}
</ul>

<h2 class="mt-5 caps">Keep clear of</h2>
<ul class="text-[0.9286rem]">
  {#each shell.keepOuts as { id, label, from, to, notchable } (id)}
    <li class="border-b border-line py-1">
      <b class="font-semibold">{capital(label)}</b><br /><span class="text-ink-2"
        >{from.map((start, axis) => formatLength(to[axis]! - start, unit)).join(' × ')}, from {sayLength(
          from[0],
          unit,
        )}{notchable ? ', a carcass may be notched round it' : ''}</span
      >
    </li>
  {/each}
</ul>
