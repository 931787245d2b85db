import type { Placed } from '../../scene'
import { isWindow, type Interior } from '../../shell'
import { HOURS, uprightHours, type WeatherYear } from '../../sky'
import type { Loss, Losses } from './loss'

/** How dark paint is to the sun, and how much of it gets through glass and acrylic. Common practice, no source. */
const [ABSORBS, GLASS] = [0.5, 0.6]
/** Outer surface, EN ISO 6946: what the sun warms there goes in as far as the wall lets it. From memory. */
const OUTSIDE_M2KW = 0.04
/** Windscreen and side windows of an open cab, m². Common practice, no source. */
const CAB_GLASS_M2 = 1.8
/** Of the sky’s light an awning leaves half, of the sun’s own nothing. Common practice, no source. */
const UNDER_AWNING = 0.5

const SIDES = ['roof', 'left', 'right', 'rear', 'front'] as const
type SunSide = (typeof SIDES)[number]

/** What comes in of a watt of sun on a square metre of each side, W; and which side an awning shades. */
export interface SunFaces {
  readonly lets: Readonly<Record<SunSide, number>>
  readonly shaded: readonly SunSide[]
}

/** How a face looks: degrees from the front over the left side. */
const LOOKS: Readonly<Record<Exclude<SunSide, 'roof'>, number>> = { front: 0, left: 90, rear: 180, right: 270 }

/** Which sides an awning shades that is out. */
function shadedBy(placed: readonly Placed[]): readonly SunSide[] {
  return placed.flatMap(({ facts, bounds, placement }): readonly SunSide[] =>
    facts.shields !== 'sun' || placement.turn % 180 !== 0
      ? []
      : [(bounds.y.min + bounds.y.max) / 2 > 0 ? 'left' : 'right'],
  )
}

/** How the sun gets into a lined body. `covered` is the share of its windows behind covers. */
export function sunFacesOf(
  interior: Interior,
  { losses }: Losses,
  { covered, cabPercent }: { readonly covered: number; readonly cabPercent: number },
  out: readonly Placed[],
): SunFaces {
  const of = (what: Loss['what']): Loss | undefined => losses.find((one) => one.what === what)
  const sheet = (what: Loss['what'], share = 1): number => {
    const face = of(what)
    return face === undefined ? 0 : face.m2 * share * face.uValue * OUTSIDE_M2KW * ABSORBS
  }
  const glass = (side: string): number =>
    interior.shell.openings
      .filter((one) => one.behind === undefined && one.side === side && isWindow(one))
      .reduce(
        (sum, { fromMm, toMm, sillMm, headMm }) => sum + Math.abs((toMm - fromMm) * (headMm - sillMm)) * 1e-6,
        0,
      ) *
    GLASS *
    (1 - covered)
  return {
    lets: {
      roof: sheet('roof') + (of('hatches')?.m2 ?? 0) * GLASS * (1 - covered),
      left: sheet('walls', 0.5) + glass('left'),
      right: sheet('walls', 0.5) + glass('right'),
      rear: sheet('rear') + glass('rear'),
      front: of('cab') === undefined ? 0 : (CAB_GLASS_M2 * GLASS * (1 - covered) * cabPercent) / 100,
    },
    shaded: shadedBy(out),
  }
}

/** What the sun brings into a body in each of some hours of a year, W, as it is parked: `parkedDeg` is where its front points, from north over east. */
export function sunInto(
  { lets, shaded }: SunFaces,
  weather: WeatherYear,
  [from, to]: readonly [from: number, to: number],
  parkedDeg: number,
): Float64Array {
  const upright = SIDES.flatMap((side) => {
    if (side === 'roof' || lets[side] === 0) return []
    // sides turn to the left of the front, the compass and the sun’s own angle to the right, from south
    const turned = (parkedDeg - LOOKS[side] - 180) * (Math.PI / 180)
    const isShaded = shaded.includes(side)
    return [{ lets: lets[side], isShaded, cosine: Math.cos(turned), sine: Math.sin(turned) }]
  })
  const watts = new Float64Array(to - from)
  uprightHours(weather, [from, to], ({ beam, sky, level }, at) => {
    let sum = level * lets.roof
    for (const one of upright) sum += one.lets * (one.isShaded ? UNDER_AWNING * sky : beam(one.cosine, one.sine) + sky)
    watts[at - from] = 1000 * sum
  })
  return watts
}

/** The whole year. */
export const wholeYear = (weather: WeatherYear): readonly [number, number] => [0, weather.latitudeDeg.length * HOURS]
