import { wiringViews, type View } from '../draw'
import type { Vec2 } from '../geometry'
import { wiringOf } from '../wiring'
import { sectionsOf, unfolded } from './plan-set'
import type { Subject } from './subject'

/** A view of the plan at full size, and where it lies among the others, mm. */
export interface ModelView {
  readonly view: View
  readonly at: Vec2
  readonly title: string
}

const GAP_MM = 1500

/** The walls and the plan of the first mode with their wires, at full size. */
export function wiringModel(subject: Subject): readonly ModelView[] {
  const [scene] = subject.scenes
  const views = scene === undefined ? [] : wiringViews(scene, wiringOf(subject.job, subject.variantId))
  let top = 0
  return views.map((view): ModelView => {
    const { min, max } = view.bounds
    const at: Vec2 = [-min[0], top - max[1]]
    top -= max[1] - min[1] + GAP_MM
    return { view, at, title: `Wiring: ${view.title}` }
  })
}

/** All views of all modes at full size: a mode beside the other, its walls over and under its plan, and the sections below. */
export function modelViews(subject: Subject): readonly ModelView[] {
  const { scenes, names } = subject
  const made: ModelView[] = []
  let x = 0
  for (const scene of scenes) {
    const views = unfolded(subject, scene).map(({ view }) => view)
    let top = 0
    for (const view of views) {
      const { min, max } = view.bounds
      made.push({ view, at: [x - min[0], top - max[1]], title: `${names.mode(scene.modeId)}: ${view.title}` })
      top -= max[1] - min[1] + GAP_MM
    }
    x += Math.max(...views.map(({ bounds }) => bounds.max[0] - bounds.min[0])) + GAP_MM
  }
  const [first] = scenes
  if (first === undefined) return made
  const lowest = Math.min(...made.map(({ view, at }) => at[1] + view.bounds.min[1]))
  let left = 0
  for (const { view } of sectionsOf(subject, first)) {
    const { min, max } = view.bounds
    made.push({
      view,
      at: [left - min[0], lowest - GAP_MM - max[1]],
      title: `${names.mode(first.modeId)}: ${view.title}`,
    })
    left += max[0] - min[0] + GAP_MM
  }
  return made
}
