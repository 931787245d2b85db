import { describe, expect, it } from 'vitest'
import { cabSpace, heightThere, interiorOf, NO_LINING, shellFaults, widthThere, type Shell } from './index'
import { askSpace, spaceTable, stripOf } from '../space'
import { genericShell, GENERIC_SHELLS } from '../shells'

const van = genericShell('van-long-high')
const lining = { floorMm: 27, wallMm: 30, roofMm: 35 }
const cab = van.cab!
const closed: Shell = { ...van, bulkhead: { ...van.bulkhead, wayThrough: false } }

describe('the cab of a shell that comes with the program', () => {
  it.each(GENERIC_SHELLS.map((shell) => [shell.id, shell] as const))(
    'lets whoever drives sit upright, feet on its floor: %s',
    (_id, { cab, cabSeats }) => {
      // sitting height of 1760, slouched as one drives: 0.52 × 1760 = 915, and 40 over it; common practice, no source
      expect(cabSeats.length).toBeGreaterThan(0)
      for (const { cushionMm } of cabSeats) {
        expect(cab!.roofMm - cushionMm).toBeGreaterThanOrEqual(955)
        expect(cushionMm - cab!.floorMm).toBeGreaterThanOrEqual(280)
        expect(cushionMm - cab!.floorMm).toBeLessThanOrEqual(480)
      }
    },
  )
})

describe('an open cab', () => {
  it('begins at the bulkhead with its own floor, roof and width', () => {
    const space = interiorOf(van, lining)
    expect(cabSpace(space)).toEqual({
      x: { min: 4250, max: 4250 + cab.lengthMm },
      y: { min: -cab.widthMm / 2, max: cab.widthMm / 2 },
      z: { min: cab.floorMm, max: cab.roofMm },
    })
    // lining is put on the load space only
    expect(heightThere(space, 4600, 0)).toEqual({ min: cab.floorMm, max: cab.roofMm })
    expect(widthThere(space, 4600, 700)).toEqual({ min: -cab.widthMm / 2, max: cab.widthMm / 2 })
    expect(heightThere(space, 4200, 0)!.max).toBeGreaterThan(cab.roofMm)
    expect([heightThere(space, 4250 + cab.lengthMm + 1, 0), widthThere(space, 4600, cab.roofMm + 1)]).toEqual([
      undefined,
      undefined,
    ])
  })

  it('is answered by the questions, with the reason where there is none', () => {
    const ask = (shell: Shell, xMm: number) => askSpace(interiorOf(shell, lining), { ask: 'height', xMm, yMm: 0 })
    expect(ask(van, 4600)).toMatchObject({ value: cab.roofMm - cab.floorMm, unit: 'mm' })
    expect(ask(closed, 4600)).toMatchObject({
      value: null,
      because: 'the load space ends at its bulkhead, 4250 from the rear sill',
    })
    expect(ask({ ...van, cab: undefined }, 4600).because).toBe('the cab of this body is not measured')
    expect(ask(van, 5900).because).toContain(`the cab ends ${4250 + cab.lengthMm} from the rear sill`)
    expect(askSpace(interiorOf(van, lining), { ask: 'width', xMm: 4600, zMm: 700 }).value).toBe(cab.widthMm)
  })

  it('opens by a change and joins the strips and the table, standing only', () => {
    const opened = { 'change-a': { kind: 'bulkhead-removed' } } as const
    expect(cabSpace(interiorOf(closed, lining))).toBeUndefined()
    expect(cabSpace(interiorOf(closed, lining, opened))).toBeDefined()
    const platform = { topMm: 600, mattressMm: 120, wideMm: 1200 }
    const ahead = stripOf(interiorOf(van, lining), platform).filter(({ xMm }) => xMm > 4250)
    expect(ahead).toHaveLength(cab.lengthMm / 50)
    expect(ahead.every((cell) => cell.standMm === cab.roofMm - cab.floorMm && cell.acrossMm === 0)).toBe(true)
    expect(stripOf(interiorOf(closed, lining), platform).some(({ xMm }) => xMm > 4250)).toBe(false)
    const rows = (shell: Shell) => spaceTable(shell, lining, 2000).map(({ id }) => id)
    expect([rows(van).includes('height-cab'), rows(closed).includes('height-cab')]).toEqual([true, false])
  })
})

describe('cabs that contradict themselves', () => {
  it.each([
    ['a roof on the seats', { cab: { ...cab, roofMm: 400 } }, 'the cab is 400 − 0 = 400 mm high; at least 850'],
    ['wider than the body', { cab: { ...cab, widthMm: 2100 } }, 'the cab is 2100 wide inside a body that is 1970 wide'],
    [
      'shorter than where its seats are',
      { cab: { ...cab, lengthMm: 450 } },
      'the seat “driver” at 4740 is outside the cab',
    ],
    ['a floor above its cushions', { cab: { ...cab, floorMm: 430 } }, 'the cushion of “driver” at 420 is not between'],
  ])('%s', (_what, wrong, words) => {
    const said = shellFaults({ ...van, ...wrong }).map(({ message }) => message)
    expect(said.some((message) => message.startsWith(words))).toBe(true)
  })

  it('none of the program’s own does', () => {
    for (const shell of GENERIC_SHELLS) expect(shellFaults(shell)).toEqual([])
  })
})

describe('what the generic shells are furnished with', () => {
  it('has pillars, a spare wheel and rails where such bodies have them', () => {
    const has = (what: Shell['keepOuts'][number]['what']) =>
      GENERIC_SHELLS.filter(({ keepOuts }) => keepOuts.some((one) => one.what === what)).map(
        ({ bodyClass }) => bodyClass,
      )
    expect(new Set(has('pillar'))).toEqual(new Set(GENERIC_SHELLS.map(({ bodyClass }) => bodyClass)))
    expect(has('spare-wheel')).toHaveLength(GENERIC_SHELLS.length)
    for (const what of ['lever', 'filler', 'step-well', 'engine-cover', 'lift', 'wheel-arch'] as const)
      expect(has(what).length).toBeGreaterThan(0)
    const roofRails = GENERIC_SHELLS.filter(({ rails }) => rails.some(({ on }) => on === 'roof'))
    expect(new Set(roofRails.map(({ bodyClass }) => bodyClass))).toEqual(new Set(['compact-van', 'minivan']))
  })

  it('hangs its spare wheel under the floor, where it takes nothing of the space', () => {
    const space = interiorOf(van, NO_LINING)
    const without = interiorOf(
      { ...van, keepOuts: van.keepOuts.filter(({ what }) => what !== 'spare-wheel') },
      NO_LINING,
    )
    for (const ask of ['volume', 'floor-area'] as const)
      expect(askSpace(space, { ask })).toEqual(askSpace(without, { ask }))
  })
})
