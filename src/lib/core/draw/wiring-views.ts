import type { Vec2, Vec3 } from '../geometry'
import type { Scene } from '../scene'
import type { Wiring } from '../wiring'
import { path, type Item, type View } from './display'
import { drawView } from './views'

/** What the marks of wires are called among the groups of a view. */
export const WIRES = 'wires'
const VIEWS = ['left', 'plan', 'right'] as const
/** Cables of so many mm² are drawn heavy. */
const HEAVY_MM2 = 25
/** Wires that run together lie so far beside each other, mm of the vehicle. */
const APART_MM = 14
const MOST_BESIDE = 5

const flat: Readonly<Record<(typeof VIEWS)[number], (point: Vec3) => Vec2>> = {
  plan: ([x, y]) => [x, y],
  left: ([x, , z]) => [x, z],
  right: ([x, , z]) => [x, z],
}
const SHOWN: Readonly<Record<(typeof VIEWS)[number], (point: Vec3) => boolean>> = {
  plan: () => true,
  left: ([, y]) => y >= 0,
  right: ([, y]) => y <= 0,
}

/** A view of a scene with its wires, each beside the others that run where it does, and its number where it ends. */
export function wiringViews(scene: Scene, { wires }: Wiring): readonly View[] {
  return VIEWS.map((id): View => {
    const view = drawView(scene, id)
    const items = wires.flatMap(({ route, sized }, index): readonly Item[] => {
      if (route === undefined) return []
      const shown = route.points.filter(SHOWN[id])
      if (shown.length < 2) return []
      const off = ((index % MOST_BESIDE) - (MOST_BESIDE - 1) / 2) * APART_MM
      const points = shown.map((point): Vec2 => {
        const [u, v] = flat[id](point)
        return [u + off, v + off]
      })
      const end = points.at(-1) ?? [0, 0]
      return [
        path(points, (sized?.conductor.mm2 ?? 0) >= HEAVY_MM2 ? 'door' : 'cut', 'none', false),
        { kind: 'circle', centre: end, radius: 45, weight: 'visible', fill: 'sheet' },
        { kind: 'text', at: end, text: String(index + 1), size: 'label', anchor: 'middle' },
      ]
    })
    // names of fittings would lie under the wires: the schedule has them
    const bare = view.groups.map((group) => ({ ...group, items: group.items.filter(({ kind }) => kind !== 'text') }))
    return { ...view, groups: [...bare, { key: WIRES, items }] }
  })
}
