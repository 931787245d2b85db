import type { HouseRule } from './rules-schema'

/**
 * Questions that an office, an examiner or an insurer may ask of a conversion, as rules of the house to start from: a shop sets the
 * figures that hold where it works, and takes out what nobody asks there. They are questions and no law. Where the figures
 * come from, from memory: nine seats and 3500 kg are the bounds of category B in Directive 2006/126/EC, 1800 mm is in British guidance on motor
 * caravans; the rest is common practice, no source.
 */
export const REGISTRATION_QUESTIONS: Readonly<Record<string, HouseRule>> = {
  'ask-seats': {
    title: 'Belted seats in the papers',
    reason:
      'who enters seats wants to know how many there are; with more than eight beside the driver it is another class of vehicle and of licence in many countries',
    gravity: 'note',
    modes: ['driving'],
    measure: { what: 'belted-seats' },
    bound: 'most',
    value: 9,
    asks: true,
  },
  'ask-bed': {
    title: 'A bed that counts as one',
    reason: 'some offices count a bed from a length on, and only one that is fixed or folds out of seats',
    gravity: 'note',
    modes: ['sleeping'],
    measure: { what: 'bed-length' },
    bound: 'least',
    value: 1800,
    asks: true,
  },
  'ask-cooking': {
    title: 'Somewhere to cook',
    reason: 'some offices want a hob that is fixed; ask whether one that is put away counts',
    gravity: 'note',
    modes: ['living'],
    measure: { what: 'quantity', service: 'hob' },
    bound: 'least',
    value: 1,
    asks: true,
  },
  'ask-table': {
    title: 'A table with seats at it',
    reason: 'some offices want seats and a table in the living space',
    gravity: 'note',
    modes: ['living'],
    measure: { what: 'quantity', service: 'table-place' },
    bound: 'least',
    value: 1,
    asks: true,
  },
  'ask-mass': {
    title: 'Weight class and licence',
    reason:
      'above a gross mass other licences, speeds, tolls and tests hold; ask which, and whether the papers can be written down or up',
    gravity: 'note',
    modes: ['driving'],
    measure: { what: 'gross-mass' },
    bound: 'most',
    value: 3500,
    asks: true,
  },
}
