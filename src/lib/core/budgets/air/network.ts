/** A way for air between two spaces, or from one to outside; `out` is outside. */
export interface AirWay {
  readonly id: string
  readonly from: string
  readonly to: string
  /** Free area, m²; of a fan its opening, counted only while it stands still. */
  readonly m2: number
  /** Its middle over the floor, m. */
  readonly zM: number
  /** What a fan in it moves from `from` to `to` against a pressure, m³/h and Pa, from free air to none. */
  readonly curve?: readonly (readonly [m3h: number, pa: number])[]
  /** What the wind presses on its outer face, Pa. */
  readonly windPa?: number
}

export interface AirFlow {
  readonly id: string
  /** From its `from` to its `to`, m³/h; below 0 the other way. */
  readonly m3h: number
}

const RHO = 1.2
/** A sharp-edged opening. Textbook value: 0.6 to 0.65. */
const DISCHARGE = 0.6
const G = 9.81
/** Under so little pressure the flow is taken as straight, so that it has a slope. */
const SMOOTH_PA = 1e-4

/** Through an opening under a pressure, m³/h. */
export function throughOpening(m2: number, pa: number): number {
  const size = Math.abs(pa)
  const flow =
    DISCHARGE * m2 * Math.sqrt((2 * Math.max(size, SMOOTH_PA)) / RHO) * (size < SMOOTH_PA ? size / SMOOTH_PA : 1)
  return Math.sign(pa) * flow * 3600
}

/** What a fan moves against a pressure, m³/h: by its curve, never backwards. */
export function fanMoves(curve: readonly (readonly [number, number])[], againstPa: number): number {
  const [free] = curve
  if (free === undefined) return 0
  if (againstPa <= free[1]) return free[0]
  for (let at = 1; at < curve.length; at += 1) {
    const [before, next] = [curve[at - 1]!, curve[at]!]
    if (againstPa <= next[1])
      return before[0] + ((next[0] - before[0]) * (againstPa - before[1])) / Math.max(1e-9, next[1] - before[1])
  }
  return 0
}

const LEAST_PA = 1e-7
const ROUNDS = 400
const MOST_PA = 500
/** A pressure that lies outside where it was sought is sought so many times further off. */
const WIDER = 4

/**
 * Air between spaces and outside: the pressure of each space is that at which as much comes in as goes out. `warm` is how much warmer each is than
 * outside, K: warm air rises. Solved space by space until none moves any more.
 */
export function airThrough(
  spaces: readonly string[],
  ways: readonly AirWay[],
  warm: Readonly<Record<string, number>> = {},
  outsideC = 15,
): readonly AirFlow[] {
  const pressures = new Map(spaces.map((space) => [space, 0]))
  /** Pa at a height in a space, over that of outside at the floor. */
  const at = (space: string, zM: number): number =>
    space === 'out' ? 0 : (pressures.get(space) ?? 0) + (RHO * G * zM * (warm[space] ?? 0)) / (273.15 + outsideC)
  const flow = ({ from, to, m2, zM, curve, windPa = 0 }: AirWay): number => {
    const press = at(from, zM) - at(to, zM) + (from === 'out' ? windPa : 0) - (to === 'out' ? windPa : 0)
    return curve === undefined || curve.length === 0 ? throughOpening(m2, press) : fanMoves(curve, -press)
  }
  const touching = new Map(
    spaces.map((space) => [space, ways.filter(({ from, to }) => from === space || to === space)] as const),
  )
  const into = (space: string): number =>
    (touching.get(space) ?? []).reduce((sum, way) => sum + (way.to === space ? flow(way) : -flow(way)), 0)
  /** The pressure of a space at which nothing is left over, about where it was: the higher it is, the less comes in. */
  const settle = (space: string, about: number, step: number): number => {
    const atPa = (pa: number): number => {
      pressures.set(space, pa)
      return into(space)
    }
    let [low, high] = [Math.max(-MOST_PA, about - step), Math.min(MOST_PA, about + step)]
    for (let wide = step; low > -MOST_PA && atPa(low) < 0; wide *= WIDER)
      [low, high] = [Math.max(-MOST_PA, low - wide), low]
    for (let wide = step; high < MOST_PA && atPa(high) > 0; wide *= WIDER)
      [low, high] = [high, Math.min(MOST_PA, high + wide)]
    while (high - low > LEAST_PA) {
      const middle = (low + high) / 2
      if (atPa(middle) > 0) low = middle
      else high = middle
    }
    return (low + high) / 2
  }
  let step = MOST_PA
  for (let round = 0; round < ROUNDS; round += 1) {
    let moved = 0
    for (const space of spaces) {
      const before = pressures.get(space) ?? 0
      const now = settle(space, before, step)
      pressures.set(space, now)
      moved = Math.max(moved, Math.abs(now - before))
    }
    if (moved < LEAST_PA * 4) break
    step = Math.max(LEAST_PA * 4, moved)
  }
  return ways.map((way) => ({ id: way.id, m3h: flow(way) }))
}
