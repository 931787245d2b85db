import type { RuleWords } from './words'

/** What the book says of the rules about safety, by id. */
export const SAFETY_RULES = {
  'outlet-clear': {
    title: 'Warm-air outlets stay clear',
    designer: 'Nothing stands in front of a grille that a heater blows from, where it would get hot.',
    client: 'Nothing gets hot in front of the heater.',
  },
  'alarms-placed': {
    title: 'Alarms in the right place',
    designer:
      'A smoke alarm is under the roof, a gas alarm near the floor, and a carbon monoxide alarm at pillow height.',
    client: 'You are woken in time.',
  },
  'battery-kept': {
    title: 'No lead battery by a pillow',
    designer: 'A lead-acid battery stands away from sleepers’ heads, or in a box with a vent.',
    client: 'No battery gives off gas beside your bed.',
  },
  'drain-fall': {
    title: 'Waste water runs off',
    designer: 'From a shower or basin to a waste tank there is enough fall for the length of the pipe.',
    client: 'The shower drains dry.',
  },
  'extinguisher-near': {
    title: 'Extinguisher by the way out',
    designer: 'An extinguisher is beside an exit and a few steps from a bed.',
    client: 'The extinguisher is where you need it.',
  },
  'heater-clear': {
    title: 'Heater exhaust away from doors and tanks',
    designer:
      'A heater’s exhaust goes out clear of doors and opening windows on its side, the heater stands clear of tanks, and it draws its air away from its exhaust.',
    client: 'Exhaust does not come in.',
  },
  'inlet-one': {
    title: 'One mains inlet',
    designer: 'Mains comes in at one inlet only.',
    client: 'No plug is live in your hand.',
  },
  'electrics-dry': {
    title: 'Electrics stay dry',
    designer: 'Battery, inverter and fuse board are away from sink and shower.',
    client: 'Water does not reach the electrics.',
  },
  'fuse-near': {
    title: 'Fuses by the battery',
    designer: 'The fuse board is a short cable away from the battery.',
    client: 'No long cable is without a fuse.',
  },
  'fuse-ways': {
    title: 'A fuse for every circuit',
    designer:
      'The fuse board has as many ways as circuits hang on it; a plan with sockets or switches on a battery has a fuse board.',
    client: 'Every wire has a fuse of its own.',
  },
  'charge-frost': {
    title: 'Lithium where it does not freeze',
    designer: 'No lithium battery stands outside where nights are colder than it may be charged at.',
    client: 'Your battery charges on cold mornings too.',
  },
  'wire-holds': {
    title: 'Chosen wires hold',
    designer:
      'A wire that was chosen by hand carries what its fuse lets through, loses no more than it may, and keeps its switch, timer and residual-current device.',
    client: 'No wire gets hot behind the boards.',
  },
  'charger-fits': {
    title: 'Charger that the battery bears',
    designer: 'No charger gives more than the batteries take in an hour.',
    client: 'The battery lives as long as it should.',
  },
  'inverter-near': {
    title: 'Inverter by the battery',
    designer: 'The inverter is a short cable away from its battery.',
    client: 'No long, thick cable gets warm.',
  },
  'gas-vent': {
    title: 'Gas locker can drain',
    designer: 'The locker stands on the floor, so that its vent is its lowest point.',
    client: 'Leaking gas gets out.',
  },
  'gas-zone': {
    title: 'Gas in one zone',
    designer: 'Everything that burns gas is near its bottle.',
    client: 'The gas line is short.',
  },
  'hob-beside': {
    title: 'Nothing burns beside the hob',
    designer: 'What rises beside a hob keeps its distance or has a splashback in between; curtains hang well away.',
    client: 'Nothing scorches beside the pans.',
  },
  'ways-out': {
    title: 'Two ways out',
    designer: 'From where people sleep there are two ways out big enough for a person.',
    client: 'You get out at night, even if one way is blocked.',
  },
} satisfies Record<string, RuleWords>
