import { describe, expect, it } from 'vitest'
import { extreme } from '../../../../tests/support/contract-check'
import { MATERIALS } from '../materials'
import { catchesFire, defaultsOf, held, kindOf, KINDS, massOf, type Facts, type Made, type Parameters } from './index'

const usual = (kind: string, more: Parameters = {}): Made => ({
  kind,
  parameters: { ...defaultsOf(kindOf(kind)), ...more },
})
const facts = (kind: string, more: Parameters = {}, stance?: string): Facts => {
  const { parameters } = usual(kind, more)
  return kindOf(kind).facts(parameters, stance ?? kindOf(kind).stances[0])
}

describe.each(KINDS.map((kind) => [kind.id, kind] as const))('what %s says that it does', (_id, kind) => {
  it('goes with what it offers, in every stance and at both ends of its limits', () => {
    for (const parameters of [defaultsOf(kind), extreme(kind, 'minimum'), extreme(kind, 'maximum')])
      for (const stance of kind.stances) {
        const said = kind.facts(parameters, stance)
        const services = kind.services(parameters, stance)
        const of = (type: string): number =>
          services.reduce((sum, one) => (one.type === type ? sum + one.quantity : sum), 0)
        const about = `${kind.id} ${stance}`
        // one cooks on something that is lit, and what is lit to cook offers it
        const lit = said.heat.filter(({ isLit }) => isLit)
        expect([about, of('hob') > 0]).toEqual([about, lit.some(({ warms }) => warms === 'pans')])
        expect([about, of('oven') > 0]).toEqual([about, lit.some(({ warms }) => warms === 'food')])
        if (of('heater') > 0) expect([about, said.heat.some(({ warms }) => warms === 'air')]).toEqual([about, true])
        // what it stores is what it offers
        if (of('tank') > 0) expect([about, held(said, 'water')]).toEqual([about, of('tank')])
        if (of('waste') > 0) expect([about, held(said, 'waste')]).toEqual([about, of('waste')])
        if (of('power') > 0) expect([about, held(said, 'charge')]).toEqual([about, of('power')])
        expect([about, said.cold?.litres ?? 0]).toEqual([about, of('cold-box')])
        if (of('toilet') > 0) expect([about, held(said, 'waste') > 0]).toEqual([about, true])
        // where water is drawn it splashes
        if (of('basin') + of('shower') > 0) expect([about, said.isSplashed]).toEqual([about, true])
        if (said.air !== undefined) expect([about, of('air') > 0]).toEqual([about, true])
        // whoever works at a top reaches it, where one stands to it
        for (const { surface, type } of services)
          if (type === 'worktop' && surface !== undefined && said.reaches.length > 0)
            expect([about, said.reaches.some(({ what }) => what === 'worktop')]).toEqual([about, true])
        for (const one of said.heat) expect([about, one.watts > 0]).toEqual([about, true])
        for (const { run } of said.fronts)
          if (run !== undefined) expect([about, run.outMm <= run.deepMm + 0.1]).toEqual([about, true])
        // a flame burns something, and what burns fuel inside a case lets it out
        for (const { how, fuel } of said.heat) if (how === 'flame') expect([about, fuel]).toEqual([about, 'gas'])
      }
  })

  it('carries the cautions that go with it, and no others', () => {
    for (const parameters of [defaultsOf(kind), extreme(kind, 'minimum'), extreme(kind, 'maximum')]) {
      const cautions = kind.cautions(parameters)
      const said = kind.stances.map((stance) => kind.facts(parameters, stance))
      const gas = said.some(
        ({ heat, holds }) => heat.some(({ fuel }) => fuel === 'gas') || holds.some(({ what }) => what === 'gas'),
      )
      expect([kind.id, cautions.includes('gas')]).toEqual([kind.id, gas])
      if (said.some(({ electrics }) => electrics === 'battery')) expect(cautions).toContain('batteries')
      if (kind.services(parameters, kind.stances[0]).some(({ type }) => type === 'belt'))
        expect(cautions).toContain('belts')
    }
  })
})

describe('what facts come to', () => {
  it('a plate by its fuel: induction heats the pan, gas has a flame', () => {
    expect(facts('galley-hob', { fuel: 'induction' }).heat.map(({ how, fuel }) => [how, fuel])).toEqual([
      ['induction', 'electric'],
    ])
    expect(facts('galley-hob', { fuel: 'gas' }).heat.map(({ how, fuel }) => [how, fuel])).toEqual([['flame', 'gas']])
    expect(facts('hob-loose').heat.map(({ how }) => how)).toEqual(['induction'])
  })

  it('a heater by its fuel: diesel carries no caution for gas', () => {
    expect(kindOf('heater-air').cautions(usual('heater-air', { fuel: 'diesel' }).parameters)).toEqual(['fuel'])
    expect(kindOf('heater-air').cautions(usual('heater-air', { fuel: 'gas' }).parameters)).toEqual(['fuel', 'gas'])
    expect(kindOf('heater-combi').cautions(usual('heater-combi', { fuel: 'electric' }).parameters)).toEqual(['mains'])
    expect(facts('heater-combi', { fuel: 'electric' }).flue).toBeUndefined()
  })

  it('what catches fire is wood, foam and cloth for the greater part', () => {
    for (const kind of ['wardrobe', 'locker', 'curtain', 'bed-fixed', 'bench-belted', 'galley-doors', 'desk'])
      expect([kind, catchesFire(usual(kind))]).toEqual([kind, true])
    for (const kind of ['cold-box', 'water-tank', 'gas-locker', 'battery', 'microwave', 'gear-rack'])
      expect([kind, catchesFire(usual(kind))]).toEqual([kind, false])
    expect(catchesFire(usual('splashback', { material: 'steel' }))).toBe(false)
  })

  it('a splashback of birch ply shields from no heat', () => {
    expect(['aluminium', 'steel', 'birchPly'].map((material) => facts('splashback', { material }).shields)).toEqual([
      'heat',
      'heat',
      undefined,
    ])
  })
})

/** The trade’s figures of mass and size: common practice, no source. */
describe('what things weigh and hold', () => {
  const within = (value: number, least: number, most: number): void => {
    expect(value).toBeGreaterThanOrEqual(least)
    expect(value).toBeLessThanOrEqual(most)
  }

  it('upright cold boxes: 45 to 60 % of the carcass, 85 to 90 L at 19 to 28 kg', () => {
    for (const heightMm of [500, 620, 900, 1500]) {
      const made = usual('cold-box', { heightMm })
      within((facts('cold-box', { heightMm }).cold!.litres * 1e6) / (540 * 560 * heightMm), 0.45, 0.6)
      if (heightMm === 620) within(facts('cold-box').cold!.litres, 85, 98)
      if (heightMm === 620) within(massOf(made), 19, 28)
    }
  })

  it('chests with their unit: 30 to 45 % of the carcass', () => {
    for (const lengthMm of [400, 620, 900])
      within((facts('cold-chest', { lengthMm }).cold!.litres * 1e6) / (lengthMm * 420 * 480), 0.3, 0.45)
    within(facts('cold-chest').cold!.litres, 40, 50)
  })

  it('an inverter-charger of 1600 W: 10 to 12 kg', () => within(massOf(usual('inverter', { watts: 1600 })), 10, 12))

  it('a cased lithium battery: 8.5 to 11 kg per kWh', () =>
    within(massOf(usual('battery', { ampHours: 100, volts: 12 })) / 1.2, 8.5, 11))

  it('a bottle of 11 kg with its gas: more than 20 kg each', () => {
    const one = massOf(usual('gas-locker', { bottles: 1 }))
    within(massOf(usual('gas-locker', { bottles: 2 })) - one, 20, 27)
    // 800 × 300 × 300 filled to four fifths with liquid propane of 510 kg/m³ (handbook value, from memory)
    within(held(facts('gas-under'), 'gas') * 0.51, 24, 32)
  })

  it('a rack for bicycles: 6 to 14 kg, not a handful of wire', () => within(massOf(usual('gear-rack')), 6, 14))

  it('a base unit of 600 × 500 × 850 in 12 mm birch: 20 to 28 kg with doors, 33 to 42 with three drawers', () => {
    const birch = { lengthMm: 600, depthMm: 500, worktopMm: 850, ply: 'birch' } as const
    within(massOf(usual('galley-doors', birch)), 20, 28)
    within(massOf(usual('galley-drawers', { ...birch, drawers: 3 })), 33, 42)
    // birch 680, poplar 450 kg/m³: the same boards in poplar weigh less by that share of them
    const [doors, light] = [
      massOf(usual('galley-doors', birch)),
      massOf(usual('galley-doors', { ...birch, ply: 'poplar' })),
    ]
    const share = 1 - MATERIALS['poplar-ply'].densityKgM3 / MATERIALS['birch-ply'].densityKgM3
    within(doors - light, 0.5 * share * doors, share * doors)
  })
})
