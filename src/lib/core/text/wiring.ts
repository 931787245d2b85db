import { formatFigure, formatNumber } from '../units'
import {
  awgFor,
  CONDUCTORS,
  FOR_A_MOMENT,
  OVER_LOAD,
  piecesOf,
  type Sized,
  type Source,
  type Wire,
  type WireFault,
  type Wiring,
} from '../wiring'
import { capital, list } from './grammar'
import type { Names } from './names'
import { circuitName, sayConductor, saySection, WIRE_PART_WORDS } from './wire-words'

const SOURCE_WORDS: Readonly<Record<Source, string>> = {
  battery: 'the battery',
  board: 'the fuse board',
  inverter: 'the inverter',
  engine: 'the engine’s battery',
  inlet: 'the mains inlet',
  panel: 'the panels',
  controller: 'the controller',
}
/** What goes with a wire: of what is always on, each has its switch. */
export const wantWords = (wire: Pick<Wire, 'wants' | 'what' | 'serves'>): string =>
  list(wire.wants.map((want) => `${WIRE_PART_WORDS[want]}${piecesOf(wire, want) > 1 ? ' for each' : ''}`))

const WIRE_FAULT_WORDS: Readonly<Record<WireFault, string>> = {
  thin: 'The wire carries less than what flows: it gets hot.',
  'fuse-above': 'The fuse is above what the wire carries: the wire burns before the fuse does.',
  'fuse-small': 'The fuse is below what flows for long, or for minutes as something starts: it blows.',
  drop: 'More is lost on the way than may be.',
  surge: 'More is lost on the way than may be, as it starts.',
  'no-switch': 'There is no switch with it.',
  'no-timer': 'There is no timer with it.',
  'no-residual-current': 'There is no residual-current device with it.',
}

/** A wire in the words of its row. */
export interface WireWords {
  readonly circuit: string
  readonly serves: string
  readonly fuse: string
  readonly wire: string
  /** Without its gauge. */
  readonly section: string
  readonly length: string
  readonly drop: string
  /** What is wrong with it. */
  readonly faults: readonly string[]
  readonly why: readonly string[]
}

const metres = (mm: number): string => `${formatNumber(mm / 1000, 1)}\u00a0m`
const NONE = '–'
const BECAUSE_WORDS: Readonly<Record<Sized['because'], string>> = {
  fuse: 'Its fuse asks for the section.',
  drop: 'What is lost on the way asks for the section.',
  surge: 'What is lost in a surge asks for the section.',
  chosen: 'The section was chosen.',
}

export function sayWire(wire: Wire, names: Names): WireWords {
  const { what, label, source, serves, volts, amps, startA, surgeA, route, sized, mostDrop, wants, faults } = wire
  const served = capital(list(serves.map((id) => names.fitting(id))))
  const lost =
    sized === undefined ? '' : `${formatNumber(sized.dropV, 2)} V, ${formatNumber((100 * sized.dropV) / volts, 1)}%`
  const current = `${formatNumber(amps, 1)} A for long${startA > amps ? `, ${formatNumber(startA, 1)} A for minutes as it starts` : ''}${surgeA > startA ? `, ${formatNumber(surgeA, 1)} A for a moment` : ''}, at ${formatNumber(volts)} V, from ${SOURCE_WORDS[source]}.`
  const way =
    route === undefined
      ? 'The body leaves it no way that crosses no opening and nobody’s bed.'
      : `${metres(route.lengthMm)} out, measured along its way, and as much back: ${metres(2 * route.lengthMm)}.`
  const why =
    sized === undefined
      ? [
          current,
          way,
          ...(route === undefined
            ? []
            : ['No conductor up to 120 mm² does: bring the two closer together, or take more volts.']),
        ]
      : [
          current,
          way,
          sized.isFuseSet
            ? `The fuse was chosen: ${formatFigure(sized.fuseA, 1)} A.`
            : `The fuse is the next over ${formatNumber(OVER_LOAD, 2)} times ${startA > amps ? 'what it starts with' : 'that'}: ${formatFigure(sized.fuseA, 1)} A.${surgeA > FOR_A_MOMENT * OVER_LOAD * startA ? ' A blade bears twice its rating for a moment (ISO 8820-3, from memory).' : ''}`,
          `${sayConductor(sized.conductor.mm2)} carries ${formatNumber(sized.conductor.carriesA)} A (${
            CONDUCTORS.some(({ mm2, carriesA }) => mm2 === sized.conductor.mm2 && carriesA !== sized.conductor.carriesA)
              ? 'by the shop’s own table'
              : 'ISO 10133, annex A, 70 °C, as remembered'
          }).`,
          `It loses ${lost}; ${formatNumber(100 * mostDrop)}% may be lost, twice that in a surge (common practice, no source). Class 5 copper at 45 °C, IEC 60228 (as remembered).`,
          BECAUSE_WORDS[sized.because],
        ]
  return {
    circuit: circuitName({ what, ...(label === undefined ? {} : { label }) }),
    serves: served,
    fuse: sized === undefined ? NONE : `${formatFigure(sized.fuseA, 1)} A`,
    wire: sized === undefined ? NONE : sayConductor(sized.conductor.mm2),
    section: sized === undefined ? NONE : saySection(sized.conductor.mm2),
    length: route === undefined ? 'no way' : metres(2 * route.lengthMm),
    drop: sized === undefined ? (route === undefined ? NONE : 'too much') : lost,
    faults: faults.map((fault) => WIRE_FAULT_WORDS[fault]),
    why: [...why, ...(wants.length === 0 ? [] : [`With it goes ${wantWords(wire)}.`])],
  }
}

/** What a plan lacks before its wires can be laid. */
export const sayLacking = ({ missing }: Wiring): string =>
  missing.includes('battery')
    ? 'There is no battery in this plan: place one, and its wires are measured.'
    : missing.includes('board')
      ? 'There is no fuse board: circuits are measured from the battery until one is placed.'
      : ''

const cell = (text: string): string => (/[",\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text)
const plain = (text: string): string => text.replaceAll(/[\u00a0\u202f]/g, ' ')

/** The schedule of circuits as CSV, its head first. */
export function wiringCsv({ wires }: Wiring, names: Names): string {
  const rows = wires.map((wire, index) => {
    const words = sayWire(wire, names)
    const { sized, route } = wire
    return [
      String(index + 1),
      words.circuit,
      words.serves,
      SOURCE_WORDS[wire.source],
      wire.volts.toFixed(0),
      wire.amps.toFixed(1),
      wire.surgeA.toFixed(1),
      sized === undefined ? '' : String(sized.fuseA),
      sized === undefined ? '' : String(sized.conductor.mm2),
      sized === undefined ? '' : awgFor(sized.conductor.mm2),
      route === undefined ? '' : (route.lengthMm / 1000).toFixed(2),
      sized === undefined ? '' : sized.dropV.toFixed(3),
      wantWords(wire),
    ]
  })
  const head = [
    'no',
    'circuit',
    'serves',
    'from',
    'volts',
    'amps',
    'surge_a',
    'fuse_a',
    'mm2',
    'awg',
    'metres_one_way',
    'drop_v',
    'with',
  ]
  return [head, ...rows].map((row) => row.map((text) => cell(plain(text))).join(',')).join('\r\n') + '\r\n'
}
