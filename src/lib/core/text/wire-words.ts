import type { WirePart } from '../job'
import { formatFigure } from '../units'
import { awgFor, type CircuitWhat, type Source, type Wiring } from '../wiring'

const CIRCUIT_WORDS: Readonly<Record<CircuitWhat, string>> = {
  main: 'Battery to fuse board',
  inverter: 'Battery to inverter',
  panel: 'Panels',
  'sun-charger': 'Solar controller',
  'engine-charger': 'Charger from the engine',
  'mains-charger': 'Charger from the mains',
  lights: 'Lights',
  'reading-lights': 'Reading lights',
  'door-lights': 'Door lights',
  'always-on': 'Always on',
  alarms: 'Alarms',
  sockets: 'Sockets',
  hob: 'Hob',
  heater: 'Heater',
  'cold-box': 'Fridge',
  fan: 'Fan',
  pump: 'Water pump',
  lift: 'Lift',
  other: 'Other',
  'mains-inlet': 'Mains inlet',
  'mains-sockets': 'Mains sockets',
  mains: 'At mains voltage',
  'later-battery': 'For a battery to come',
  own: 'A circuit of one’s own',
}
/** What a wire is called: by what it is for, or as somebody called it. */
export const circuitName = ({ what, label }: { readonly what: CircuitWhat; readonly label?: string }): string =>
  label ?? CIRCUIT_WORDS[what]

const SOURCE_WORDS: Readonly<Record<Source, string>> = {
  battery: 'Battery',
  engine: 'Engine’s battery',
  controller: 'Controller',
  panel: 'Panels',
  board: 'Fuse board',
  inlet: 'Mains inlet',
  inverter: 'Inverter',
}
/** What a wire begins at, and whether that is still to be placed. */
export const sourceName = (source: Source, missing: Wiring['missing']): string =>
  `${SOURCE_WORDS[source]}${missing.some((one) => one === source) ? ', to come' : ''}`

export const WIRE_PART_WORDS: Readonly<Record<WirePart, string>> = {
  switch: 'a switch',
  dimmer: 'a dimmer',
  timer: 'a timer',
  'residual-current': 'a residual-current device',
}

/** “4 mm²”, where there is room for no more. */
export const saySection = (mm2: number): string => `${formatFigure(mm2, 1)}\u00a0mm²`
/** “4 mm² (AWG 10)”. */
export const sayConductor = (mm2: number): string => `${saySection(mm2)} (AWG\u00a0${awgFor(mm2)})`
