import type { RuleWords } from './words'

/** What the book says of the rules about safety, by id. */
export const SAFETY_RULES = {
  'outlet-clear': {
    title: 'Warm outlets are free',
    designer: 'Before a grille that a heater blows from, nothing stands that it would heat.',
    client: 'Nothing gets hot before the heater.',
  },
  'alarms-placed': {
    title: 'Alarms where it is',
    designer: 'Smoke is sensed under the roof, leaking gas by the floor, carbon monoxide where sleepers breathe.',
    client: 'You are woken in time.',
  },
  'battery-kept': {
    title: 'No lead battery by a head',
    designer: 'A lead battery stands away from sleepers’ heads, in a box with a vent.',
    client: 'Nothing gasses beside your bed.',
  },
  'drain-fall': {
    title: 'Waste water runs off',
    designer: 'From a shower or basin to a waste tank there is fall enough for its length of pipe.',
    client: 'The shower runs dry.',
  },
  'extinguisher-near': {
    title: 'An extinguisher by the way out',
    designer: 'An extinguisher is beside an exit and a few steps from a bed.',
    client: 'The extinguisher is where you need it.',
  },
  'heater-clear': {
    title: 'Exhaust away from doors and tanks',
    designer:
      'A heater’s flue goes out clear of doors and opening windows along its side, it stands clear of tanks, and draws its air away from its flue.',
    client: 'Exhaust does not come in.',
  },
  'inlet-one': {
    title: 'One live inlet',
    designer: 'Mains comes in at one place only.',
    client: 'No plug is live in your hand.',
  },
  'electrics-dry': {
    title: 'Electrics stay dry',
    designer: 'Battery, inverter and fuse board keep away from basin and shower.',
    client: 'Water does not reach the electrics.',
  },
  'fuse-near': {
    title: 'Fuses by the battery',
    designer: 'The fuse board is a short cable from the battery.',
    client: 'No long cable lies before its fuse.',
  },
  'gas-vent': {
    title: 'The gas locker drains',
    designer: 'The locker stands on the floor, so that its vent is its lowest point.',
    client: 'Leaking gas flows out.',
  },
  'gas-zone': {
    title: 'Gas in one zone',
    designer: 'All that burns gas is near its bottle.',
    client: 'The gas line is short.',
  },
  'hob-beside': {
    title: 'Nothing burns beside the hob',
    designer: 'What rises beside a hob keeps its distance, or a splashback is between; curtains hang well off.',
    client: 'Nothing scorches beside the pans.',
  },
  'ways-out': {
    title: 'Two ways out',
    designer: 'From where people sleep there are two ways out that a person gets through.',
    client: 'You get out at night, even if one way is blocked.',
  },
} satisfies Record<string, RuleWords>
