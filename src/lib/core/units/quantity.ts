import { faulty, parsed, type Parsed } from './result'

/** A unit's spellings, lower case, and how many of the base unit it holds. */
export type UnitTable = Readonly<Record<string, number>>

const NUMBER = String.raw`(?:\d+(?:[ ,\u00a0\u2009\u202f]\d{3})+(?:\.\d+)?|\d+[.,]\d+|\d+|[.,]\d+)`
const FRACTION = String.raw`(?:(\d+)\s*\/\s*(\d+))`
const TERM = new RegExp(
  String.raw`^\s*(?:${FRACTION}|(?<whole>${NUMBER})(?:(?:\s+|-)${FRACTION})?)\s*(?<unit>["'′″”’a-zµ]*)\.?`,
  'i',
)
const FRACTION_GLYPHS: Readonly<Record<string, string>> = {
  '½': ' 1/2',
  '¼': ' 1/4',
  '¾': ' 3/4',
  '⅛': ' 1/8',
  '⅜': ' 3/8',
  '⅝': ' 5/8',
  '⅞': ' 7/8',
}
const MAX_TERMS = 4
const MAX_MAGNITUDE = 1e7

/** Nothing that a person types into a field is longer, or has more brackets in brackets. */
const MAX_LETTERS = 200
const MAX_DEPTH = 8

/** What was read so far: in the base unit, or a number that has no unit yet. */
interface Amount {
  readonly value: number
  readonly isBare: boolean
}

/** Thrown within the reading of a text, and told as its fault. */
class Unreadable extends Error {}

/** Reads a text from its start, one quantity, product or sum after the other. */
class Reader {
  #rest: string
  #depth = 0

  constructor(
    text: string,
    readonly table: UnitTable,
    readonly fallback: string,
    readonly refusal: string,
    readonly example: string,
  ) {
    this.#rest = text
  }

  /** All of it, in the base unit. */
  whole(): number {
    const amount = this.#sum()
    if (this.#rest.trim() !== '') throw new Unreadable(this.refusal)
    return this.#based(amount)
  }

  /** Takes a sign off the start, if it is one of these. */
  #take(signs: string): string | undefined {
    const rest = this.#rest.trimStart()
    const [first] = rest
    if (first === undefined || !signs.includes(first)) return undefined
    this.#rest = rest.slice(first.length)
    return first
  }

  #based({ value, isBare }: Amount): number {
    return isBare ? value * this.#factor(this.fallback) : value
  }

  #factor(unit: string): number {
    const factor = Object.hasOwn(this.table, unit) ? this.table[unit] : undefined
    if (factor === undefined) throw new Unreadable(`Unknown unit “${unit.slice(0, 12)}”; try ${this.example}.`)
    return factor
  }

  #sum(): Amount {
    let sum = this.#product()
    for (let sign = this.#take('+-−'); sign !== undefined; sign = this.#take('+-−')) {
      const next = this.#product()
      const by = sign === '+' ? 1 : -1
      sum =
        sum.isBare && next.isBare
          ? { value: sum.value + by * next.value, isBare: true }
          : { value: this.#based(sum) + by * this.#based(next), isBare: false }
    }
    return sum
  }

  /** A quantity times or over numbers; what has a unit is never multiplied by what has one too. */
  #product(): Amount {
    let product = this.#factored()
    for (let sign = this.#take('×*÷/:'); sign !== undefined; sign = this.#take('×*÷/:')) {
      const next = this.#factored()
      if (!next.isBare && (sign !== '×' && sign !== '*' ? true : !product.isBare))
        throw new Unreadable(`Only one side of ${sign} can have a unit; try ${this.example}.`)
      if (sign === '×' || sign === '*')
        product = { value: product.value * next.value, isBare: product.isBare && next.isBare }
      else if (next.value === 0) throw new Unreadable('Nothing can be divided by 0.')
      else product = { value: product.value / next.value, isBare: product.isBare }
    }
    return product
  }

  #factored(): Amount {
    const sign = this.#take('+-−')
    const amount = this.#take('(') === undefined ? this.#quantity() : this.#bracketed()
    return sign === undefined || sign === '+' ? amount : { ...amount, value: -amount.value }
  }

  #bracketed(): Amount {
    this.#depth += 1
    if (this.#depth > MAX_DEPTH) throw new Unreadable(this.refusal)
    const amount = this.#sum()
    if (this.#take(')') === undefined) throw new Unreadable('A bracket is not closed.')
    this.#depth -= 1
    return amount
  }

  /** Terms one after the other, as `6' 1 1/2"`; a number alone has no unit yet. */
  #quantity(): Amount {
    let total = 0
    let isBare = false
    for (let terms = 0; terms === 0 || this.#hasTerm(); terms += 1) {
      const match = TERM.exec(this.#rest)
      if (match === null || match[0].trim() === '' || terms === MAX_TERMS) throw new Unreadable(this.refusal)
      const unit = (match.groups?.['unit'] ?? '').toLowerCase()
      if ((unit === '' && terms > 0) || isBare) throw new Unreadable(this.refusal)
      const factor = unit === '' ? 1 : this.#factor(unit)
      const whole = match.groups?.['whole']
      if (whole !== undefined && /^\d{1,3}(,\d{3})+$/.test(whole) && unit !== '' && factor !== 1)
        throw new Unreadable(`“${whole} ${unit}” could mean two things; leave out the comma or use a point.`)
      const [numerator, denominator] = [Number(match[1] ?? match[4] ?? 0), Number(match[2] ?? match[5] ?? 1)]
      if (denominator === 0) throw new Unreadable(this.refusal)
      total += ((whole === undefined ? 0 : readNumber(whole)) + numerator / denominator) * factor
      isBare = unit === ''
      this.#rest = this.#rest.slice(match[0].length)
    }
    return { value: total, isBare }
  }

  /** Whether another term follows, and no sign of a sum. */
  #hasTerm(): boolean {
    const rest = this.#rest.trimStart()
    return rest !== '' && !'+-−×*÷/:)'.includes(rest[0] ?? '')
  }
}

/**
 * Reads a quantity such as `6' 1 1/2"`, `1.85m`, `1 850` or `-40`, or a sum of such, `1850 − 2×18` or `(3/4in + 40) / 2`, into the table's base
 * unit. A number without a unit counts what it is multiplied by or what it divides; left over, it is in `fallback`.
 *
 * A comma before exactly three digits separates thousands; any other comma is a decimal sign. `1,850 m` could be
 * meant both ways and is refused. A hyphen before a fraction joins it to the number before it, as in `1-1/2`.
 */
export function parseQuantity(text: string, table: UnitTable, fallback: string, example: string): Parsed<number> {
  const plain = [...text]
    .map((sign) => FRACTION_GLYPHS[sign] ?? sign)
    .join('')
    .trim()
  if (plain === '') return faulty(`Type a figure, such as ${example}.`)
  const refusal = `Cannot read “${text.trim().slice(0, 24)}”; try ${example}.`
  if (plain.length > MAX_LETTERS) return faulty(refusal)
  // an x between figures is the sign that it looks like
  const signed = plain.replace(/([\d.)])(\s*)x(?=\s*[\d.(])/gi, '$1$2×')
  try {
    const total = new Reader(signed, table, fallback, refusal, example).whole()
    return Math.abs(total) <= MAX_MAGNITUDE ? parsed(total) : faulty('Too large.')
  } catch (cause) {
    if (cause instanceof Unreadable) return faulty(cause.message)
    throw cause
  }
}

function readNumber(text: string): number {
  const spaceless = text.replace(/[ \u00a0\u2009\u202f]/g, '')
  const thousands = /^\d{1,3}(,\d{3})+(\.\d+)?$/.test(spaceless)
  return Number(thousands ? spaceless.replaceAll(',', '') : spaceless.replace(',', '.'))
}

/** Groups the whole digits in threes with a narrow no-break space: 1234.5 → `1 234.5`. */
export function formatNumber(value: number, decimals = 0): string {
  const rounded = Math.abs(value).toFixed(decimals)
  const [whole = '0', fraction] = rounded.split('.')
  const grouped = whole.replace(/\B(?=(\d{3})+$)/g, '\u202f')
  const digits = fraction === undefined ? grouped : `${grouped}.${fraction}`
  return value < 0 && Number(rounded) !== 0 ? `−${digits}` : digits
}

/** A figure with the decimals that it has, `most` at most: 8, 1.5, 0.259. */
export function formatFigure(value: number, most = 2): string {
  const fraction = String(Number(value.toFixed(most))).split('.')[1] ?? ''
  return formatNumber(value, fraction.length)
}
