import { tallestOf, type Brief } from '../brief'
import { prismBounds, spanMiddle } from '../geometry'
import { BACK_MM, sleeping, type Scene } from '../scene'
import { liningTop } from '../shell'
import type { Item, ItemGroup } from './display'
import { leaningAhead, lyingFigure, sittingFigure, standingFigure } from './figures'
import { onWall } from './fitting-views'

/** From a head to the end of its mattress. */
const OVER_HEAD_MM = 20

/** A figure in plan, and how high above the floor it lies, sits or stands. */
export interface PlanBody {
  readonly key: string
  readonly items: readonly Item[]
  readonly onMm: number
}

/** Sleepers on their berths, from above. */
export const sleepersInPlan = (scene: Scene, brief: Brief): readonly PlanBody[] =>
  scene.purpose !== 'sleeping'
    ? []
    : sleeping(scene, brief).map(({ person, head, top, footward: [dx, dy] }) => ({
        key: `sleeper ${person.id}`,
        items: lyingFigure(person.statureMm, [top[0] + dx * OVER_HEAD_MM, top[1] + dy * OVER_HEAD_MM], [dx, dy]),
        onMm: head[2],
      }))

/** The tallest, standing where the cook stands, seen on that wall. */
function standing(scene: Scene, brief: Brief, side: 'left' | 'right'): readonly Item[] {
  const tallest = tallestOf(brief)
  const placed = scene.placed.find(
    (one) => one.services.some(({ type }) => type === 'hob' || type === 'basin') && onWall(one, side),
  )
  const clearance = placed?.clearances.find(({ use }) => use === 'stand')
  if (tallest === undefined || clearance === undefined) return []
  const x = spanMiddle(prismBounds(clearance.prism).x)
  return standingFigure(tallest.statureMm, [x, liningTop(scene.interior, x)])
}

/** Travellers in the cab, seen on their side. */
function driving(scene: Scene, brief: Brief, side: 'left' | 'right'): readonly Item[] {
  const travellers = Object.values(brief.people)
    .filter((person) => person.travels)
    .sort((a, b) => b.statureMm - a.statureMm)
  const { cab, cabSeats } = scene.interior.shell
  return cabSeats.flatMap((seat, index) => {
    const person = travellers[index]
    if (person === undefined || seat.yMm > 0 !== (side === 'left')) return []
    const floorBelowMm = cab === undefined ? undefined : seat.cushionMm - cab.floorMm
    const back = seat.xMm - seat.depthMm / 2 + BACK_MM
    return sittingFigure(person.statureMm, [back + leaningAhead(person.statureMm), seat.cushionMm], 1, floorBelowMm)
  })
}

/** Figures of the client’s people on a wall, at their stature, doing what the mode is for. */
export const peopleOnWall = (scene: Scene, brief: Brief, view: 'left' | 'right'): readonly Item[] =>
  scene.purpose === 'living'
    ? standing(scene, brief, view)
    : scene.purpose === 'driving'
      ? driving(scene, brief, view)
      : []

/** Someone standing in the section, where it cuts a place to stand. */
export function sectionPeople(scene: Scene, brief: Brief, xMm: number): ItemGroup {
  const tallest = tallestOf(brief)
  const place = scene.placed
    .flatMap((placed) => placed.clearances.filter(({ use }) => use === 'stand'))
    .map(({ prism }) => prismBounds(prism))
    .find(({ x }) => x.min <= xMm && xMm <= x.max)
  if (tallest === undefined || place === undefined || scene.purpose !== 'living') return { key: 'people', items: [] }
  return {
    key: 'people',
    items: standingFigure(tallest.statureMm, [-spanMiddle(place.y), liningTop(scene.interior, xMm)]),
  }
}
