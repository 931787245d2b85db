import type { Mode, Plan } from './schema'

/** The three modes that every plan starts with. */
const standardModes = (): Record<string, Mode> => ({
  'mode-drive': { name: 'Drive', purpose: 'driving', order: 0, stances: {} },
  'mode-day': { name: 'Day', purpose: 'living', order: 1, stances: {} },
  'mode-night': { name: 'Night', purpose: 'sleeping', order: 2, stances: {} },
})

export const emptyPlan = (lining: Plan['lining']): Plan => ({
  lining: { ...lining },
  changes: {},
  fittings: {},
  modes: standardModes(),
})
