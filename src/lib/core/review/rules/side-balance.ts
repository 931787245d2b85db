import { byItself, defineRule, practice } from '../define-rule'
import { limitOf, markOf, movesOf, namedIn, past, pushing } from '../loads'

declare module '../finding' {
  interface FactsByCode {
    'side-heavy': {
      readonly side: 'left' | 'right'
      readonly leftKg: number
      readonly rightKg: number
      readonly tanks: 'full' | 'empty'
      readonly trackMm: number
    }
  }
}

/** Left and right carry about the same, with the tanks full and empty. */
export const sideBalance = defineRule({
  id: 'side-balance',
  group: 'weight',
  modes: ['driving'],
  reads: ['scene', 'job', 'weight'],
  gravity: { 'side-heavy': 'caution' },
  basis: practice('a vehicle that leans to one side steers and brakes badly; heavy things are balanced left to right'),
  parameters: {
    share: {
      default: 0.07,
      min: 0.01,
      max: 0.2,
      unit: 'share',
      basis: practice('of the whole weight, between the two sides'),
    },
  },
  needs: ({ job: { shell } }) => (shell.axles.trackMm === undefined ? [{ what: 'track' }] : []),
  key: byItself(() => 'sides'),
  check: (input) => {
    const { trackMm } = input.job.shell.axles
    const side = limitOf(input, 'side')
    const total = limitOf(input, 'total')
    if (trackMm === undefined || side === undefined || total === undefined) return []
    const water = input.weight().ledger.entries.filter(({ store }) => store === 'water')
    const waterKg = water.reduce((sum, { amount }) => sum + amount, 0)
    const ofWater = water.reduce((sum, { amount, at }) => sum + (amount * 2 * at[1]) / trackMm, 0)
    const states = [
      { tanks: 'full' as const, wholeKg: total.now, byKg: side.now },
      { tanks: 'empty' as const, wholeKg: total.now - waterKg, byKg: side.now - ofWater },
    ].sort((a, b) => Math.abs(b.byKg) / b.wholeKg - Math.abs(a.byKg) / a.wholeKg)
    const [worst] = states
    if (worst === undefined || !(Math.abs(worst.byKg) > input.parameters.share * worst.wholeKg)) return []
    const isLeft = worst.byKg > 0
    const heaviest = pushing(input, ({ at }) => at[1] * (isLeft ? 1 : -1))
    return [
      {
        code: 'side-heavy' as const,
        fittings: namedIn(heaviest),
        place: markOf(input, heaviest),
        measured: past(Math.abs(worst.byKg)),
        needed: Math.floor(input.parameters.share * worst.wholeKg),
        unit: 'kg' as const,
        facts: {
          side: isLeft ? ('left' as const) : ('right' as const),
          leftKg: Math.round((worst.wholeKg + worst.byKg) / 2),
          rightKg: Math.round((worst.wholeKg - worst.byKg) / 2),
          tanks: worst.tanks,
          trackMm,
        },
      },
    ]
  },
  remedies: (input, { facts: { side, trackMm }, measured, needed }) =>
    movesOf(
      input,
      pushing(input, ({ at }) => at[1] * (side === 'left' ? 1 : -1)),
      (measured - needed) / 2,
      trackMm,
      side === 'left' ? 'shift-right' : 'shift-left',
    ),
})
