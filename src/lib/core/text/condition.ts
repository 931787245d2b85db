import type { FoundKind, FoundSum, StepState, WorkStep } from '../condition'
import { formatNumber } from '../units'
import { sayMinutes } from './moves'
import { count, quoted } from './grammar'

/** What is found on a vehicle, by kind. */
export const FOUND_WORDS: Record<FoundKind, string> = {
  rust: 'rust',
  hole: 'a hole',
  leak: 'a leak',
  damp: 'damp',
  floor: 'a bad floor',
  seal: 'a bad seal',
  glass: 'broken glass',
  dent: 'a dent',
  wiring: 'bad wiring',
  'running-gear': 'engine, brakes or tyres',
  'comes-out': 'has to come out',
  stays: 'stays in',
  other: 'something else',
}

/** The steps of the work. */
export const STEP_WORDS: Record<WorkStep, string> = {
  strip: 'Strip out',
  mend: 'Repair the body',
  cut: 'Cut windows and hatches',
  wire: 'Wire and insulate',
  line: 'Line floor, walls and ceiling',
  furnish: 'Build in the furniture',
  drive: 'Drive it',
}

/** What something found is called within a sentence: as it was named, or by its kind. */
export const foundName = ({ kind, label }: { readonly kind: FoundKind; readonly label: string }): string =>
  label.trim() !== ''
    ? quoted(label)
    : kind === 'comes-out' || kind === 'stays'
      ? `what ${kind === 'stays' ? 'stays in' : 'comes out'}`
      : FOUND_WORDS[kind]

/** Money in whole units where it is whole: 120000 → `1 200`, 1250 → `12.50`. */
export const sayMoney = (minor: number): string => formatNumber(minor / 100, minor % 100 === 0 ? 0 : 2)

/** Whether a step is open, and otherwise what it waits for. */
export const sayStep = ({ waitsFor, isOpen }: StepState, name: (id: string) => string): string =>
  isOpen
    ? 'open'
    : `waits for ${waitsFor.slice(0, 3).map(name).join('; ')}${waitsFor.length > 3 ? `; and ${waitsFor.length - 3} more` : ''}`

/** What some of what was found comes to: hours and money, and what is not told yet. */
export function sayFoundSum({ count: all, costMinor, minutes, withoutCost, withoutMinutes }: FoundSum): string {
  const untold = [
    ...(withoutMinutes === 0 ? [] : [`${withoutMinutes} without hours`]),
    ...(withoutCost === 0 ? [] : [`${withoutCost} without a price`]),
  ]
  const known = [
    ...(minutes === 0 ? [] : [sayMinutes(minutes)]),
    ...(costMinor === 0 ? [] : [`costs ${sayMoney(costMinor)}`]),
  ]
  return [count(all, { one: 'thing', many: 'things' }), ...known, ...untold].join(' · ')
}
