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

/** How much more goes through an opening for each Pa more, m³/h. */
const slopeOfOpening = (m2: number, pa: number): number => {
  const size = Math.max(Math.abs(pa), SMOOTH_PA)
  const through = Math.abs(throughOpening(m2, size))
  return Math.abs(pa) < SMOOTH_PA ? through / SMOOTH_PA : through / (2 * size)
}
/** Over so much the slope of a fan’s curve is taken, Pa. */
const SLOPE_PA = 0.01

/** Straight equations, by elimination with the largest first; undefined where they have no one answer. */
function solved(matrix: readonly (readonly number[])[], right: readonly number[]): readonly number[] | undefined {
  const rows = matrix.map((row, at) => [...row, right[at] ?? 0])
  const size = rows.length
  for (let column = 0; column < size; column += 1) {
    const [, best] = rows.slice(column).reduce<readonly [number, number]>(
      ([most, where], row, at) => {
        const here = Math.abs(row[column] ?? 0)
        return here > most ? [here, column + at] : [most, where]
      },
      [0, -1],
    )
    const pivot = rows[best]
    if (best < 0 || pivot === undefined) return undefined
    rows[best] = rows[column] ?? []
    rows[column] = pivot
    for (const row of rows.slice(column + 1)) {
      const by = (row[column] ?? 0) / (pivot[column] ?? 1)
      for (let at = column; at <= size; at += 1) row[at] = (row[at] ?? 0) - by * (pivot[at] ?? 0)
    }
  }
  const found = new Array<number>(size).fill(0)
  for (let at = size - 1; at >= 0; at -= 1) {
    const row = rows[at] ?? []
    const known = found.reduce((sum, one, index) => (index > at ? sum + one * (row[index] ?? 0) : sum), 0)
    found[at] = ((row[size] ?? 0) - known) / (row[at] ?? 1)
  }
  return found
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
const LEAST_M3H = 1e-7
/** Nothing is left over in any space but so much, m³/h. */
const BALANCED_M3H = 1e-6
/** After so many rounds a bracket is halved. */
const MOST_STRAIGHT = 40
const ROUNDS = 100
const MOST_STEPS = 30
const LEAST_STEP = 1e-3
const MOST_PA = 500
/** A pressure that lies outside where it was sought is sought so many times further off. */
const WIDER = 4

/**
 * Air between spaces and outside: the pressure of each space is that at which as much comes in as goes out. `warm` is how much warmer each is than
 * outside, K: warm air rises. Solved space by space, then all at once, until nothing is left over in any.
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
  const pressOf = ({ from, to, zM, windPa = 0 }: AirWay): number =>
    at(from, zM) - at(to, zM) + (from === 'out' ? windPa : 0) - (to === 'out' ? windPa : 0)
  const flow = (way: AirWay): number => {
    const press = pressOf(way)
    const { m2, curve } = way
    return curve === undefined || curve.length === 0 ? throughOpening(m2, press) : fanMoves(curve, -press)
  }
  /** How much more goes through for each Pa more. */
  const slopeOf = (way: AirWay): number => {
    const press = pressOf(way)
    const { curve, m2 } = way
    return curve === undefined || curve.length === 0
      ? slopeOfOpening(m2, press)
      : (fanMoves(curve, -press - SLOPE_PA) - fanMoves(curve, -press + SLOPE_PA)) / (2 * SLOPE_PA)
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
    let [atLow, atHigh] = [atPa(low), atPa(high)]
    for (let wide = step; low > -MOST_PA && atLow < 0; wide *= WIDER) {
      ;[low, high, atHigh] = [Math.max(-MOST_PA, low - wide), low, atLow]
      atLow = atPa(low)
    }
    for (let wide = step; high < MOST_PA && atHigh > 0; wide *= WIDER) {
      ;[low, atLow, high] = [high, atHigh, Math.min(MOST_PA, high + wide)]
      atHigh = atPa(high)
    }
    // where the straight line between both ends says; an end that stays is taken for half of what it is, so that both come near (Illinois)
    let stayed: 'low' | 'high' | undefined
    for (let round = 0; high - low > LEAST_PA; round += 1) {
      const straight = (low * atHigh - high * atLow) / (atHigh - atLow)
      const pa = round < MOST_STRAIGHT && straight > low && straight < high ? straight : (low + high) / 2
      const here = atPa(pa)
      if (Math.abs(here) < LEAST_M3H) return pa
      if (here > 0) {
        ;[low, atLow] = [pa, here]
        if (stayed === 'high') atHigh /= 2
        stayed = 'high'
      } else {
        ;[high, atHigh] = [pa, here]
        if (stayed === 'low') atLow /= 2
        stayed = 'low'
      }
    }
    return (low + high) / 2
  }
  /**
   * All spaces at once, by the slopes of their ways (Newton), each step as far as what is left over grows less. Whether it is balanced then: a wide
   * doorway between two rooms takes a space by itself forever.
   */
  const together = (): boolean => {
    const left = (): number[] => spaces.map(into)
    const worst = (those: readonly number[]): number => Math.max(...those.map(Math.abs))
    let now = left()
    for (let count = 0; count < MOST_STEPS && worst(now) > BALANCED_M3H; count += 1) {
      const matrix = spaces.map((space) =>
        spaces.map((other) =>
          (touching.get(space) ?? []).reduce((sum, way) => {
            const slope = slopeOf(way)
            const touches = way.from === other || way.to === other
            return !touches ? sum : sum + (other === space ? slope : -slope)
          }, 0),
        ),
      )
      const by = solved(matrix, now)
      if (by === undefined) return false
      const before = new Map(pressures)
      let share = 1
      for (; share > LEAST_STEP; share /= 2) {
        spaces.forEach((space, at) => pressures.set(space, (before.get(space) ?? 0) + share * (by[at] ?? 0)))
        const after = left()
        if (worst(after) < worst(now)) {
          now = after
          break
        }
      }
      if (share <= LEAST_STEP) {
        before.forEach((pa, space) => pressures.set(space, pa))
        return false
      }
    }
    return worst(now) <= BALANCED_M3H
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
    if (spaces.length < 2 || together()) break
    step = Math.max(LEAST_PA * 4, moved)
  }
  return ways.map((way) => ({ id: way.id, m3h: flow(way) }))
}
