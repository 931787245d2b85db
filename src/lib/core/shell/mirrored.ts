import type { Vec3 } from '../geometry'
import { idSchema, type Opening, type Shell } from './shape'

const MARK = '-mirrored'

/** The id of a shell and whether it is one that was mirrored. */
export const unmirroredId = (id: string): { readonly id: string; readonly isMirrored: boolean } =>
  id.endsWith(MARK) ? { id: id.slice(0, -MARK.length), isMirrored: true } : { id, isMirrored: false }

function mirroredId(id: string): string {
  const { id: own, isMirrored } = unmirroredId(id)
  const other = isMirrored ? own : `${id}${MARK}`
  return idSchema.safeParse(other).success ? other : id
}

const NAME_MARK = ', mirrored'
const MOST_NAME = 80
const mirroredName = (name: string): string =>
  name.endsWith(NAME_MARK)
    ? name.slice(0, -NAME_MARK.length)
    : `${name.slice(0, MOST_NAME - NAME_MARK.length)}${NAME_MARK}`

const OTHER: Readonly<Record<string, string>> = { left: 'right', right: 'left', Left: 'Right', Right: 'Left' }
/** A label says left where it said right. */
const otherSide = (label: string): string => label.replace(/\b(left|right)\b/gi, (word) => OTHER[word] ?? word)

/** Nought has no sign. */
const negative = (value: number): number => (value === 0 ? 0 : -value)

function mirroredOpening(opening: Opening): Opening {
  const label = otherSide(opening.label)
  const { side, fromMm, toMm, sillMm, headMm } = opening
  switch (side) {
    case 'left':
      return { ...opening, label, side: 'right' }
    case 'right':
      return { ...opening, label, side: 'left' }
    case 'rear':
      return { ...opening, label, fromMm: negative(toMm), toMm: negative(fromMm) }
    case 'roof':
      return { ...opening, label, sillMm: negative(headMm), headMm: negative(sillMm) }
  }
}

const across = <T extends { readonly label: string; readonly yMm: number }>(thing: T): T => ({
  ...thing,
  label: otherSide(thing.label),
  yMm: negative(thing.yMm),
})

/** The body for the other side of the road: what was on the left is on the right. Twice is the body itself. */
export function mirroredShell(shell: Shell): Shell {
  return {
    ...shell,
    id: mirroredId(shell.id),
    name: mirroredName(shell.name),
    stations: shell.stations.map(({ right, ...station }) =>
      right === undefined ? station : { ...station, left: right, right: station.left },
    ),
    openings: shell.openings.map(mirroredOpening),
    keepOuts: shell.keepOuts.map(({ from, to, label, ...keepOut }) => ({
      ...keepOut,
      label: otherSide(label),
      from: [from[0], negative(to[1]), from[2]] satisfies Vec3,
      to: [to[0], negative(from[1]), to[2]] satisfies Vec3,
    })),
    cabSeats: shell.cabSeats.map(across),
    loadSeats: shell.loadSeats.map(across),
    rails: shell.rails.map(across),
    fixings: shell.fixings.map(({ at, label, ...fixing }) => ({
      ...fixing,
      label: otherSide(label),
      at: [at[0], negative(at[1]), at[2]] satisfies Vec3,
    })),
  }
}
