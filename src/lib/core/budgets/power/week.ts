import { DAYS, HOURS } from '../../sky'
import type { PowerCase } from './case'
import { SHEDS } from './habits'
import type { Load } from './loads'
import type { Year } from './simulate'

const WEEK = 7

/** A battery that is fuller than this is full. */
const FULL = 0.98

/** The load that wanted most of what was shed in an hour: its place in the list. */
function mostShed(
  bits: readonly number[],
  wants: readonly Float64Array[],
  shed: number,
  at: number,
): number | undefined {
  let [most, which] = [0, -1]
  for (let index = 0; index < bits.length; index += 1) {
    if (((bits[index] ?? 0) & shed) === 0) continue
    const wh = wants[index]?.[at] ?? 0
    if (wh > most) [most, which] = [wh, index]
  }
  return which < 0 ? undefined : which
}
const bitsOf = (loads: readonly Load[]): readonly number[] => loads.map(({ sheds }) => 1 << SHEDS.indexOf(sheds))

/** The first time that something goes. */
export interface FirstFail {
  readonly day: number
  readonly hour: number
  /** The load that wanted most of what was shed then. */
  readonly loadId: string
  /** Which day it is, counted from the last on which the battery was full. */
  readonly afterDays: number
}

/** As much of it as this, of what goes most in a year, is worth a word: else it is a telephone that goes first. */
const MUCH = 0.25

/** What goes first, and when. */
export function firstFailOf(
  { loads, wants, journey: { lived } }: PowerCase,
  { shed, charge }: Year,
): FirstFail | undefined {
  const bits = bitsOf(loads)
  const counts = new Map<string, { at: number; wh: number }>()
  for (let at = 0; at < shed.length; at += 1) {
    const now = lived[at] === 1 ? (shed[at] ?? 0) : 0
    const which = now === 0 ? undefined : mostShed(bits, wants, now, at)
    if (which === undefined) continue
    const id = loads[which]?.id ?? ''
    const before = counts.get(id)
    counts.set(id, { at: before?.at ?? at, wh: (before?.wh ?? 0) + (wants[which]?.[at] ?? 0) })
  }
  // what goes first in the order of the year, of the things that go most
  const much = MUCH * Math.max(0, ...[...counts.values()].map(({ wh }) => wh))
  const [first] = [...counts].filter(([, { wh }]) => wh >= much).sort(([, a], [, b]) => a.at - b.at)
  if (first === undefined) return undefined
  const [loadId, { at }] = first
  let day = Math.floor(at / HOURS)
  const failed = day
  while (day > 0 && Math.max(...charge.subarray((day - 1) * HOURS, day * HOURS)) < FULL && failed - day < 60) day -= 1
  return { day: failed, hour: at % HOURS, loadId, afterDays: failed - day + 1 }
}

/** A week by the hour: the charge, and what was shed. */
export interface PowerWeek {
  readonly fromDay: number
  readonly charge: readonly number[]
  readonly shed: readonly { readonly at: number; readonly loadId: string }[]
}

/** One week of a year by the hour. */
export function weekOf({ loads, wants }: PowerCase, { charge, shed }: Year, fromDay: number): PowerWeek {
  const from = Math.max(0, Math.min(DAYS - WEEK, fromDay)) * HOURS
  const events: { at: number; loadId: string }[] = []
  const bits = bitsOf(loads)
  // what is gone and stays gone is told once
  let gone = ''
  for (let at = from; at < from + WEEK * HOURS; at += 1) {
    if (shed[at] === 0) {
      gone = ''
      continue
    }
    const which = mostShed(bits, wants, shed[at] ?? 0, at)
    const loadId = which === undefined ? '' : (loads[which]?.id ?? '')
    if (loadId === '' || loadId === gone) continue
    gone = loadId
    events.push({ at: at - from, loadId })
  }
  return { fromDay: from / HOURS, charge: [...charge.subarray(from, from + WEEK * HOURS)], shed: events }
}
