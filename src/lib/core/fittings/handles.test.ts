import { describe, expect, it } from 'vitest'
import {
  adjusted,
  defaultsOf,
  footprintOf,
  handleOf,
  handlesOf,
  kindOf,
  KINDS,
  letOut,
  servicesOf,
  withHandle,
  type Handle,
  type HandleName,
  type Made,
} from './index'

/** What each handle says that it moves, read off the fitting; undefined where a stance has nothing to read. */
const READS: { readonly [N in HandleName]?: (made: Made, stance: string) => number | undefined } = {
  end: (made) => footprintOf(made).lengthMm,
  front: (made) => footprintOf(made).depthMm,
  top: (made) => footprintOf(made).heightMm,
  worktop: (made, stance) =>
    kindOf(made.kind)
      .facts(made.parameters, stance)
      .reaches.find(({ what }) => what === 'worktop')?.zMm,
  rim: (made, stance) =>
    kindOf(made.kind)
      .facts(made.parameters, stance)
      .reaches.find(({ what }) => what === 'wash-rim')?.zMm,
  seat: (made, stance) => servicesOf(made, stance).find(({ type }) => type === 'seat')?.cushion?.topMm,
  'seat-depth': (made, stance) => servicesOf(made, stance).find(({ type }) => type === 'seat')?.cushion?.depthMm,
  platform: (made, stance) => servicesOf(made, stance).find(({ lying }) => lying !== undefined)?.lying?.zMm,
  'lying-length': (made, stance) => {
    const lying = servicesOf(made, stance).find((one) => one.lying !== undefined)?.lying
    return lying === undefined
      ? undefined
      : (lying.along === 'x' ? lying.x : lying.y).max - (lying.along === 'x' ? lying.x : lying.y).min
  },
  'lying-width': (made, stance) => {
    const lying = servicesOf(made, stance).find((one) => one.lying !== undefined)?.lying
    return lying === undefined
      ? undefined
      : (lying.along === 'x' ? lying.y : lying.x).max - (lying.along === 'x' ? lying.y : lying.x).min
  },
  rail: (made, stance) => servicesOf(made, stance).find(({ lying }) => lying?.railMm !== undefined)?.lying?.railMm,
  flue: (made, stance) => kindOf(made.kind).facts(made.parameters, stance).flue?.exhaustMm,
  vent: (made, stance) => {
    const gas = kindOf(made.kind)
      .facts(made.parameters, stance)
      .holds.find(({ what }) => what === 'gas')
    return gas?.what === 'gas' ? gas.locker?.ventCm2 : undefined
  },
}

/** A figure that handles move, to a hundredth of a millimetre. */
const SAME = 0.01

const isNumber = (handle: Handle): handle is Handle & { value: number; limit: { min: number; max: number } } =>
  typeof handle.value === 'number' && 'min' in handle.limit

describe.each(KINDS.map((kind) => [kind.id, kind] as const))('the handles of %s', (_id, kind) => {
  const made: Made = { kind: kind.id, parameters: defaultsOf(kind) }

  it('are one for each parameter, each name once', () => {
    expect(handlesOf(made).map(({ key }) => key)).toEqual(Object.keys(made.parameters))
    const names = handlesOf(made).flatMap((one) => one.names)
    expect(new Set(names).size).toBe(names.length)
  })

  it('move what they say, by as much as they are set', () => {
    for (const handle of handlesOf(made)) {
      if (!isNumber(handle)) continue
      const step = handle.value + handle.step <= handle.limit.max ? handle.step : -handle.step
      for (const name of handle.names) {
        const read = READS[name]
        const set = adjusted(made, name, handle.value + step)
        expect([name, set?.[handle.key]]).toEqual([name, handle.value + step])
        if (read === undefined) continue
        const after: Made = { ...made, parameters: { ...made.parameters, ...set } }
        // a platform that stops at several heights has one to sleep at: that is what its handle moves
        const stances = name === 'platform' ? [kind.stanceFor.sleeping] : kind.stances
        const moved = stances.flatMap((stance) => {
          const [was, is] = [read(made, stance), read(after, stance)]
          return was === undefined || is === undefined ? [] : [is - was]
        })
        // in some stance it can be read, and there it has moved by the step
        if (
          ['end', 'front', 'top', 'platform', 'lying-length', 'lying-width', 'worktop', 'rim', 'rail'].includes(name) &&
          kind.id !== 'cot'
        )
          expect([name, moved.length > 0]).toEqual([name, true])
        for (const by of moved) expect([name, Math.abs(by - step) < SAME]).toEqual([name, true])
      }
    }
  })

  it('say which edge moves where one does', () => {
    const wrong = handlesOf(made).filter(
      ({ names, edge }) =>
        (names.includes('end') && edge?.axis !== 'x') ||
        (names.includes('front') && !names.includes('end') && edge?.axis !== 'y') ||
        (names.includes('top') && (edge?.axis !== 'z' || edge.side !== 'high')),
    )
    expect(wrong.map(({ key }) => key)).toEqual([])
  })

  it('stop at their limits', () => {
    for (const handle of handlesOf(made)) {
      if (!isNumber(handle)) continue
      expect(adjusted(made, { key: handle.key }, handle.limit.max + 1)).toBeUndefined()
      expect(adjusted(made, { key: handle.key }, handle.limit.min - 1)).toBeUndefined()
    }
  })
})

describe('taking hold', () => {
  it('takes along what must follow: a heater’s intake keeps its distance from its flue', () => {
    const heater: Made = { kind: 'heater-air', parameters: defaultsOf(kindOf('heater-air')) }
    expect(adjusted(heater, 'flue', 250)).toEqual({ flueMm: 250, intakeMm: 550 })
    // and what follows has limits of its own: an intake at 1550 there is not
    expect(adjusted(heater, 'flue', 1250)).toBeUndefined()
  })

  it('has nothing to take hold of where a kind has no such handle, and leaves as it is what is so already', () => {
    const alarm: Made = { kind: 'alarm', parameters: defaultsOf(kindOf('alarm')) }
    expect(handleOf(alarm, 'platform')).toBeUndefined()
    expect(adjusted(alarm, 'platform', 400)).toBeUndefined()
    expect(adjusted(alarm, 'end', 110)).toBeUndefined()
  })

  it('is let out until something holds, by whole figures', () => {
    const tank: Made = { kind: 'water-tank', parameters: defaultsOf(kindOf('water-tank')) }
    const holds = (litres: number) => (one: Made) =>
      kindOf(one.kind)
        .facts(one.parameters, 'fixed')
        .holds.some((hold) => hold.what === 'water' && hold.litres >= litres)
    const out = letOut(tank, 'end', ({ holds: all }) => all.some((hold) => hold.what === 'water' && hold.litres >= 88))
    // 400 × 350 filled to 92 %: 88e6 / (400 · 350 · 0.92) = 683.2
    expect(out.parameters.lengthMm).toBe(684)
    expect(holds(88)(out)).toBe(true)
    expect(holds(88)(withHandle(out, 'end', 683))).toBe(false)
  })
})
