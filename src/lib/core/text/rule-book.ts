import { type FindingCode, type Gravity, RULE_GROUPS, type Rule, type RuleGroup, RULES, TOLD_TOGETHER } from '../review'
import { formatFigure, formatNumber, sayLength, type LengthUnit } from '../units'
import { AIR_RULES } from './rules/air'
import { SAFETY_RULES } from './rules/safety'
import { TRAVEL_RULES } from './rules/travel'
import { PEOPLE_RULES } from './rules/people'
import { FIT_RULES } from './rules/fit'
import { USE_RULES } from './rules/use'
import { SERVICE_RULES } from './rules/service'
import { OUTSIDE_RULES } from './rules/outside'
import { WAYS_RULES } from './rules/ways'
import { WEIGHT_RULES } from './rules/weight'
import { FUTURE_RULES } from './rules/future'
import { NO_WAY_OUT } from './rules/no-way-out'
import type { RuleWords } from './rules/words'
import { sayBasis } from './findings'
import { list, PURPOSE_WORDS } from './words'

export const RULE_GROUP_WORDS: Readonly<Record<RuleGroup, string>> = {
  fit: 'Fitting the body',
  people: 'People',
  ways: 'Ways',
  use: 'Use',
  travel: 'Travel',
  safety: 'Safety',
  air: 'Air and quiet',
  service: 'Service',
  outside: 'Outside',
  weight: 'Weight',
  future: 'Later on',
  house: 'Of the house',
}

/** By rule id; a test keeps it equal to the rules. */
export const RULE_WORDS: Readonly<Record<string, RuleWords>> = {
  ...AIR_RULES,
  ...SAFETY_RULES,
  ...TRAVEL_RULES,
  ...PEOPLE_RULES,
  ...FIT_RULES,
  ...USE_RULES,
  ...SERVICE_RULES,
  ...OUTSIDE_RULES,
  ...WAYS_RULES,
  ...FUTURE_RULES,
  ...WEIGHT_RULES,
}

export interface RuleEntry extends RuleWords {
  readonly id: string
  readonly group: RuleGroup
  /** Of each finding that it makes; the gravest first. */
  readonly gravity: readonly Gravity[]
  readonly modes: string
  readonly basis: string
  /** How it is judged: how grave and why, what is not said, what is told once, what is asked, and the ways out. */
  readonly judged: readonly string[]
  /** What of a figure nobody would mention; undefined where every millimetre counts. */
  readonly tolerance: string | undefined
  readonly parameters: readonly {
    readonly name: string
    readonly value: string
    readonly limits: string
    readonly basis: string
  }[]
}

const ORDER: readonly Gravity[] = ['stop', 'caution', 'note']

const figure = (value: number, unit: string, lengths: LengthUnit): string => {
  switch (unit) {
    case 'mm':
      return sayLength(value, lengths)
    case 'share':
      return formatFigure(value, 3)
    case 'deg':
      return `${formatNumber(value)}°`
    case 'count':
      return formatNumber(value)
    default:
      return `${formatFigure(value)} ${unit}`
  }
}

/** What the figures of rules are called, by their key. */
export const RULE_PARAMETER_WORDS: Readonly<Record<string, string>> = {
  aheadMm: 'ahead of the seat',
  armMm: 'deeper than an arm from',
  batteryMm: 'length of a battery',
  batteryWideMm: 'width of a battery',
  batteryHighMm: 'height of a battery',
  beforeMm: 'room before it',
  chairMm: 'for the chair, at least',
  intoMm: 'over its edge',
  loadedKg: 'filled with',
  screwKg: 'on one screw, at most',
  overThighMm: 'beyond the hollow of the knee, at most',
  shallowMm: 'deep, at least',
  overKneeMm: 'over the hollow of the knee, at most',
  pointKg: 'on one point, at most',
  aidMm: 'with a walker, at most',
  bedMm: 'from the bed, at most',
  breathMm: 'off a head’s height, at most',
  clothMm: 'over the hob, at most',
  deepMm: 'in from the door’s inner face, at most',
  curtainMm: 'from a curtain, at least',
  panC: 'a hot pan, °C',
  deadMm: 'dead depth, at most',
  exitMm: 'from the exit, at most',
  fallMm: 'fall for each metre',
  handMm: 'from the door, at most',
  headMm: 'from a head, at least',
  highMm: 'high from',
  mostMm: 'at most',
  mostU: 'U-value, at most',
  openingMm: 'from an opening, at least',
  people: 'people, from',
  pressedMm: 'that a mattress gives',
  railMm: 'rail, at least',
  tankMm: 'from a tank, at least',
  touchMm: 'counts as touching below',
  turnsMm: 'off for another, at most',
  underRoofMm: 'under the roof, at most',
  airMm: 'air beside it, at least',
  aloneMm: 'for one, at least',
  apartMm: 'apart, at least',
  awayMm: 'away from it, at least',
  depthMm: 'depth of a body',
  eachMm: 'for each, at least',
  besideMm: 'beside the body, at most',
  dropMm: 'the roof below it, at most',
  enough: 'share that is enough',
  freeKg: 'free to stand, at most',
  back: 'share of it, running out backward',
  forward: 'share of it, running out forward',
  freeMm: 'free, at least',
  gapMm: 'open, at most',
  heavyKg: 'heavy from',
  leastBelowMm: 'below the elbow, at least',
  intakeMm: 'from flue to intake, at least',
  leastCm2: 'vent, at least',
  leastMm: 'shut below',
  lengthMm: 'length, at least',
  longMm: 'longer side, at least',
  most: 'at most',
  mostBelowMm: 'below the elbow, at most',
  mostMarks: 'marks, at most',
  mostMin: 'time, at most',
  nearMm: 'away from it, at most',
  askedKg: 'asked from',
  below: 'below as delivered, share',
  least: 'at least, share',
  reserveKg: 'kept free',
  share: 'share, at most',
  offDeg: 'off the way of travel, at most',
  ofFloor: 'vent, share of the floor',
  overLitres: 'litres over them, at most',
  overFloorMm: 'over the floor, at most',
  runMm: 'apart, at most',
  shortMm: 'shorter side, at least',
  shoulders: 'shoulders, share of stature',
  slackMm: 'slack either way',
  soundMm: 'sound metal round a cut',
  spareMm: 'to spare',
  stepMm: 'apart, at most',
  stiffMm: 'for stiff knees, at most',
  upToM: 'above the sea, at most',
  transferMm: 'from a wheelchair, at most',
}

const CONSEQUENCE: Readonly<Record<Gravity, string>> = {
  stop: 'A stop: as drawn it cannot be, is unlawful or is unsafe.',
  caution: 'A caution: it will be regretted.',
  note: 'A note: to be known, and no more.',
}

/** How a rule keeps to what a builder would say aloud, in sentences. */
function judgedHow(rule: Rule, lengths: LengthUnit): readonly string[] {
  const codes = Object.keys(rule.gravity) as FindingCode[]
  return [
    ...ORDER.filter((gravity) => Object.values(rule.gravity).includes(gravity)).map((gravity) => CONSEQUENCE[gravity]),
    toleranceOf(rule, lengths) ?? 'No tolerance beyond what the rule itself says.',
    ...(codes.some((code) => TOLD_TOGETHER.has(code))
      ? ['Where one thing makes several faults it is told once, with what follows from it below.']
      : []),
    ...(rule.asks ? ['Where it cannot know, it asks, and finds nothing.'] : []),
    rule.hasWaysOut
      ? 'Its ways out are each tried on the whole plan; only what cures is offered, with what suffers.'
      : `No way out is offered: ${NO_WAY_OUT[rule.id] ?? ''}.`,
  ]
}

const toleranceOf = ({ tolerance }: Rule, lengths: LengthUnit): string | undefined =>
  tolerance === undefined
    ? undefined
    : `A matter of comfort: nothing is said within ${sayLength(tolerance.mm, lengths)} or ${formatFigure(tolerance.share * 100)} % of it, whichever is less.`

/** A rule with all that a reader of the book asks of it. */
export function sayRule(rule: Rule, lengths: LengthUnit): RuleEntry {
  const words = RULE_WORDS[rule.id]!
  return {
    ...words,
    id: rule.id,
    group: rule.group,
    gravity: ORDER.filter((gravity) => Object.values(rule.gravity).includes(gravity)),
    modes: rule.modes === 'every' ? 'in every mode' : list(rule.modes.map((purpose) => PURPOSE_WORDS[purpose])),
    basis: sayBasis(rule.basis),
    tolerance: toleranceOf(rule, lengths),
    judged: judgedHow(rule, lengths),
    parameters: Object.entries(rule.parameters).map(([key, one]) => ({
      name: RULE_PARAMETER_WORDS[key] ?? key,
      value: figure(one.default, one.unit, lengths),
      limits: `${figure(one.min, one.unit, lengths)} to ${figure(one.max, one.unit, lengths)}`,
      basis: sayBasis(one.basis),
    })),
  }
}

/** All rules by group, in the order of the groups, by title within. */
export const ruleBook = (lengths: LengthUnit): readonly (readonly [RuleGroup, readonly RuleEntry[]])[] =>
  RULE_GROUPS.filter((group) => RULES.some((rule) => rule.group === group)).map((group) => [
    group,
    RULES.filter((rule) => rule.group === group)
      .map((rule) => sayRule(rule, lengths))
      .sort((a, b) => a.title.localeCompare(b.title)),
  ])
