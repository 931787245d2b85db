import { pointBox, boxGap, spanMiddle, type Vec2, type Vec3 } from '../../geometry'
import type { Job } from '../../job'
import { heardDb, sleeping, type Scene } from '../../scene'
import { openM2, type Moved, type Setting } from './moved'

/** A body is narrow: air passes over whoever is between inlet and outlet along it, and so much beyond, mm. Common practice, no source. */
const BEYOND_MM = 300
/** Of the fresh air, what must come by for one to be passed over by it. Common practice, no source. */
const REACHED = 0.2

/** Somebody whom the air is for. */
export interface Someone {
  readonly who: 'cook' | 'sleeper'
  readonly label: string
  readonly at: Vec2
}

/** Who stands or lies where: one who cooks by day, and all heads by night. */
export function someoneIn(day: Scene, night: Scene, job: Job): readonly Someone[] {
  const cooks = day.placed.flatMap(({ facts, bounds }): readonly Someone[] =>
    facts.heat.some(({ warms }) => warms === 'pans')
      ? [{ who: 'cook', label: 'the cook', at: [spanMiddle(bounds.x), spanMiddle(bounds.y)] }]
      : [],
  )
  const heads = sleeping(night, job.brief).map(({ person, head }): Someone => ({
    who: 'sleeper',
    label: person.label,
    at: [head[0], head[1]],
  }))
  return [...cooks.slice(0, 1), ...heads]
}

/** What the stream does in a state: over whom it passes, and how fast. */
export function streamOf(setting: Setting, { out, into, bySpace, fresh }: Moved, sectionM2: number) {
  const { places, spaces } = setting
  const through = (id: string): number => out.get(id) ?? 0
  const inlets = places.filter(({ id }) => through(id) < -1)
  const outlets = places.filter(({ id }) => through(id) > 1)
  const isOver = ([x]: Vec2, to: readonly Vec2[]): boolean =>
    inlets.some(({ at: [a] }) => to.some(([b]) => x > Math.min(a, b) - BEYOND_MM && x < Math.max(a, b) + BEYOND_MM))
  const whither = outlets.map(({ at }) => at)
  // behind a shut door there is no stream, wherever it goes along
  const reaches = ({ at }: Someone): boolean => (bySpace.get(spaces.at(at)) ?? 0) > REACHED * fresh
  const speedAt = (at: Vec2, isPassed: boolean): number => {
    const near = places.map((place) => {
      const m3s = Math.max(Math.abs(through(place.id)), into.get(place.id) ?? 0) / 3600
      const m = Math.max(0.2, Math.hypot(place.at[0] - at[0], place.at[1] - at[1]) / 1000)
      return Math.min(m3s / Math.max(0.01, openM2(place)), m3s / (2 * Math.PI * m * m))
    })
    return Math.max(isPassed ? fresh / 3600 / sectionM2 : 0, ...near)
  }
  return {
    inlets,
    passes: (one: Someone, to: readonly Vec2[] = whither): boolean => isOver(one.at, to) && reaches(one),
    speedAt,
  }
}
/** What is heard where a head lies. */
export interface HeadNoise {
  readonly label: string
  readonly db: number
  /** The loudest of what is heard there. */
  readonly source: string | undefined
}

/** What is heard of a noise at a metre, so far off, dB. */
const heard = (db: number, mm: number): number => db - 20 * Math.log10(Math.max(300, mm) / 1000)

/** What is heard at every head, as a first estimate: each source by its distance and what stands between. */
export function noiseIn(scene: Scene, job: Job): readonly HeadNoise[] {
  return sleeping(scene, job.brief).map(({ person, head }) => {
    const all = scene.placed.flatMap((placed) => {
      const db = heardDb(scene, placed)
      if (db === undefined) return []
      return [{ id: placed.id, db: heard(db, boxGap(placed.bounds, pointBox(head as Vec3))) }]
    })
    const [loudest] = [...all].sort((a, b) => b.db - a.db)
    return {
      label: person.label,
      db: all.length === 0 ? 0 : 10 * Math.log10(all.reduce((sum, { db }) => sum + 10 ** (db / 10), 0)),
      source: loudest?.id,
    }
  })
}
