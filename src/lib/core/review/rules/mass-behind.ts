import { axlesOf } from '../../budgets'
import { byItself, defineRule, practice } from '../define-rule'
import { frontOf, markOf, movesOf, namedIn, pushing } from '../loads'

declare module '../finding' {
  interface FactsByCode {
    'mass-behind': { readonly behindKg: number; readonly kerbFrontKg: number }
  }
}

/** What lies behind the rear axle does not lift the front one far. */
export const massBehind = defineRule({
  id: 'mass-behind',
  group: 'weight',
  modes: ['driving'],
  reads: ['scene', 'job', 'weight'],
  gravity: { 'mass-behind': 'caution' },
  basis: practice('heavy things between the axles: behind the rear one they lift the front and swing the tail'),
  parameters: {
    share: {
      default: 0.08,
      min: 0.01,
      max: 0.3,
      unit: 'share',
      basis: practice('of what the front axle carried as the vehicle was delivered'),
    },
  },
  key: byItself(() => 'behind'),
  check: (input) => {
    const { entries, delivered } = input.weight().ledger
    const behind = entries
      .filter(({ source, store, amount }) => source.kind !== 'body' && store !== 'waste' && amount > 0)
      .map((entry) => ({ entry, lift: -frontOf(input, entry) * entry.amount }))
      .filter(({ lift }) => lift > 0)
    const liftKg = behind.reduce((sum, { lift }) => sum + lift, 0)
    const kerbFrontKg = delivered.frontShare * input.job.shell.masses.kerbKg
    const most = input.parameters.share * kerbFrontKg
    if (!(liftKg > most)) return []
    const heaviest = pushing(input, (entry) => Math.max(0, -frontOf(input, entry)))
    return [
      {
        code: 'mass-behind' as const,
        fittings: namedIn(heaviest),
        place: markOf(input, heaviest),
        measured: Math.ceil(liftKg),
        needed: Math.floor(most),
        unit: 'kg' as const,
        facts: {
          behindKg: Math.round(behind.reduce((sum, { entry }) => sum + entry.amount, 0)),
          kerbFrontKg: Math.round(kerbFrontKg),
        },
      },
    ]
  },
  remedies: (input, { measured, needed }) =>
    movesOf(
      input,
      pushing(input, (entry) => Math.max(0, -frontOf(input, entry))),
      measured - needed,
      axlesOf(input.job.shell).wheelbaseMm,
      'shift-forward',
    ),
})
