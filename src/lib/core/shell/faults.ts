import { isConvex, type Vec2 } from '../geometry'
import { fullSection, type Shell } from './shape'

/** What is wrong between the parts of a shell: where, and why, with its figures. */
export interface ShellFault {
  readonly path: readonly (string | number)[]
  readonly message: string
}

const LEAST_WIDTH_MM = 900
const LEAST_HEIGHT_MM = 900
/** Axle loads are weighed one after the other: their sum may miss the whole by this share. */
const WEIGHING = 0.02

const rightOrLeft = (station: Shell['stations'][number]): readonly Vec2[] => station.right ?? station.left

function halfFaults(points: readonly Vec2[], count: number): readonly string[] {
  if (points.length !== count)
    return [`every half-section needs the same number of points: ${points.length}, not ${count}`]
  const [first, last] = [points[0]!, points[points.length - 1]!]
  const faults: string[] = []
  if (first[0] !== 0 || last[0] !== 0) faults.push('a half-section starts and ends on the centreline')
  if (!(last[1] - first[1] >= LEAST_HEIGHT_MM))
    faults.push(`the body is only ${last[1] - first[1]} mm high here; at least ${LEAST_HEIGHT_MM}`)
  if (!(2 * Math.max(...points.map(([y]) => y)) >= LEAST_WIDTH_MM))
    faults.push(`the body is under ${LEAST_WIDTH_MM} mm wide here`)
  if (!isConvex(fullSection(points, points)))
    faults.push('the half-section bends inward or crosses itself; enter what stands proud as a keep-out')
  return faults
}

/** The two halves make one section: they meet at the floor’s and the roof’s centre, and where they meet it does not bend inward. */
function togetherFaults({ left, right }: Shell['stations'][number], count: number): readonly string[] {
  if (right === undefined || left.length !== count || right.length !== count) return []
  const ends = [
    ['floor', left[0]![1], right[0]![1]],
    ['roof', left[count - 1]![1], right[count - 1]![1]],
  ] as const
  const apart = ends.flatMap(([what, here, there]) =>
    here === there
      ? []
      : [`the halves must meet: the ${what}’s centre is at ${there} on the right and at ${here} on the left`],
  )
  if (apart.length > 0) return apart
  const own = (half: readonly Vec2[]) => isConvex(fullSection(half, half))
  return own(left) && own(right) && !isConvex(fullSection(left, right))
    ? ['the two halves together bend inward where they meet']
    : []
}

function stationFaults({ stations, bulkhead }: Shell): readonly ShellFault[] {
  const count = stations[0]!.left.length
  const faults = stations.flatMap((station, index): ShellFault[] => {
    const before = stations[index - 1]
    const order =
      before === undefined || station.xMm > before.xMm
        ? []
        : [`stations run forward: ${station.xMm} does not come after ${before.xMm}`]
    return [
      ...order.map((message) => ({ path: ['stations', index, 'xMm'], message })),
      ...halfFaults(station.left, count).map((message) => ({ path: ['stations', index, 'left'], message })),
      ...(station.right === undefined ? [] : halfFaults(station.right, count)).map((message) => ({
        path: ['stations', index, 'right'],
        message,
      })),
      ...togetherFaults(station, count).map((message) => ({ path: ['stations', index, 'right'], message })),
    ]
  })
  const [from, to] = [stations[0]!.xMm, stations[stations.length - 1]!.xMm]
  if (!(bulkhead.xMm > from + 400 && bulkhead.xMm <= to))
    faults.push({
      path: ['bulkhead', 'xMm'],
      message: `the bulkhead at ${bulkhead.xMm} must lie between the stations ${from} and ${to}`,
    })
  return faults
}

/** How wide and high the body is at most, and where it ends. */
function extentOf({ stations, outline }: Shell): { half: number; top: number; rear: number; front: number } {
  const points = stations.flatMap((station) => [...station.left, ...rightOrLeft(station)])
  return {
    half: Math.max(...points.map(([y]) => y)),
    top: Math.max(...points.map(([, z]) => z)),
    rear: stations[0]!.xMm,
    front: Math.max(stations[stations.length - 1]!.xMm, ...outline.plan.map(([x]) => x)),
  }
}

function openingFaults(shell: Shell): readonly ShellFault[] {
  const { half, top, rear, front } = extentOf(shell)
  const faults = shell.openings.flatMap(({ label, side, fromMm, toMm, sillMm, headMm }, index): ShellFault[] => {
    const path = (key: string) => ['openings', index, key]
    const found: ShellFault[] = []
    if (!(toMm > fromMm))
      found.push({ path: path('toMm'), message: `the opening ends at ${toMm}, before it starts at ${fromMm}` })
    if (!(headMm > sillMm))
      found.push({ path: path('headMm'), message: `its head at ${headMm} must be above its sill at ${sillMm}` })
    const [from, to] = side === 'rear' ? [-half, half] : [rear, front]
    for (const [key, at] of Object.entries({ fromMm, toMm }))
      if (at < from - 1 || at > to + 1)
        found.push({ path: path(key), message: `“${label}” reaches to ${at}, outside the body, from ${from} to ${to}` })
    const [low, high] = side === 'roof' ? [-half, half] : [-Infinity, top]
    if (headMm > high + 1 || sillMm < low - 1)
      found.push({
        path: path('headMm'),
        message: `“${label}” goes from ${sillMm} to ${headMm} in a body that ends at ${high}`,
      })
    return found
  })
  shell.openings.forEach(({ id, label, behind }, index) => {
    if (behind !== undefined && !shell.openings.some((other) => other.id === behind && other.id !== id))
      faults.push({
        path: ['openings', index, 'behind'],
        message: `“${label}” lies behind “${behind}”, which is not another opening of this body`,
      })
  })
  if (!shell.openings.some(({ entrance }) => entrance))
    faults.push({ path: ['openings'], message: 'one opening must be an entrance' })
  return faults
}

function keepOutFaults(shell: Shell): readonly ShellFault[] {
  const { half } = extentOf(shell)
  return shell.keepOuts.flatMap(({ label, what, from, to }, index): ShellFault[] => {
    const ends = to.flatMap((end, axis): ShellFault[] =>
      end > from[axis]!
        ? []
        : [
            {
              path: ['keepOuts', index, 'to', axis],
              message: `ends at ${end}, before it starts at ${from[axis]}`,
            },
          ],
    )
    const inner = from[1] >= 0 ? from[1] : -to[1]
    const arch =
      what === 'wheel-arch' && !(inner > 0 && inner < half)
        ? [
            {
              path: ['keepOuts', index, 'from', 1],
              message: `“${label}” leaves 2 × ${inner} mm of a body that is 2 × ${half} wide`,
            },
          ]
        : []
    return [...ends, ...arch]
  })
}

function massFaults({ masses: { kerbKg, grossKg }, axles }: Shell): readonly ShellFault[] {
  const { kerbFrontKg, kerbRearKg, ratingFrontKg, ratingRearKg } = axles
  const faults: ShellFault[] = []
  if (!(grossKg > kerbKg))
    faults.push({
      path: ['masses', 'grossKg'],
      message: `the gross mass ${grossKg} must exceed the kerb mass ${kerbKg}`,
    })
  for (const [name, kerb, rating, key] of [
    ['front', kerbFrontKg, ratingFrontKg, 'ratingFrontKg'],
    ['rear', kerbRearKg, ratingRearKg, 'ratingRearKg'],
  ] as const)
    if (kerb !== undefined && rating !== undefined && !(rating > kerb))
      faults.push({
        path: ['axles', key],
        message: `the ${name} axle carries ${kerb} kg empty and is rated for ${rating}`,
      })
  if (kerbFrontKg !== undefined && kerbRearKg !== undefined) {
    const sum = kerbFrontKg + kerbRearKg
    if (Math.abs(sum - kerbKg) > WEIGHING * kerbKg)
      faults.push({
        path: ['masses', 'kerbKg'],
        message: `the axles carry ${kerbFrontKg} + ${kerbRearKg} = ${sum} kg empty, not ${kerbKg}`,
      })
  }
  if (ratingFrontKg !== undefined && ratingRearKg !== undefined) {
    const sum = ratingFrontKg + ratingRearKg
    if (!(sum >= grossKg))
      faults.push({
        path: ['masses', 'grossKg'],
        message: `the axles are rated for ${ratingFrontKg} + ${ratingRearKg} = ${sum} kg, less than ${grossKg}`,
      })
  }
  return faults
}

const LEAST_CAB_HEIGHT_MM = 850

function cabFaults({ cab, cabSeats, bulkhead, outer }: Shell): readonly ShellFault[] {
  if (cab === undefined) return []
  const faults: ShellFault[] = []
  const high = cab.roofMm - cab.floorMm
  if (!(high >= LEAST_CAB_HEIGHT_MM))
    faults.push({
      path: ['cab', 'roofMm'],
      message: `the cab is ${cab.roofMm} − ${cab.floorMm} = ${high} mm high; at least ${LEAST_CAB_HEIGHT_MM}`,
    })
  if (outer !== undefined && !(cab.widthMm < outer.widthMm))
    faults.push({
      path: ['cab', 'widthMm'],
      message: `the cab is ${cab.widthMm} wide inside a body that is ${outer.widthMm} wide outside`,
    })
  const [from, to] = [bulkhead.xMm, bulkhead.xMm + cab.lengthMm]
  cabSeats.forEach(({ label, xMm, cushionMm }, index) => {
    if (xMm < from || xMm > to)
      faults.push({
        path: ['cabSeats', index, 'xMm'],
        message: `the seat “${label}” at ${xMm} is outside the cab, from ${from} to ${to}`,
      })
    if (cushionMm <= cab.floorMm || cushionMm >= cab.roofMm)
      faults.push({
        path: ['cabSeats', index, 'cushionMm'],
        message: `the cushion of “${label}” at ${cushionMm} is not between the cab’s floor at ${cab.floorMm} and its roof at ${cab.roofMm}`,
      })
  })
  return faults
}

function idFaults(shell: Shell): readonly ShellFault[] {
  return (['keepOuts', 'openings', 'cabSeats', 'loadSeats', 'rails', 'fixings'] as const).flatMap((list) => {
    const ids = shell[list].map(({ id }) => id)
    return ids.flatMap((id, index) =>
      ids.indexOf(id) === index ? [] : [{ path: [list, index, 'id'], message: `the id “${id}” is used twice` }],
    )
  })
}

/** Everything that is wrong between the parts of a shell; each part on its own has passed its own limits. */
export const shellFaults = (shell: Shell): readonly ShellFault[] => [
  ...stationFaults(shell),
  ...openingFaults(shell),
  ...keepOutFaults(shell),
  ...massFaults(shell),
  ...cabFaults(shell),
  ...idFaults(shell),
]
