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
import { withLengths } from './lengths'
import { list } from './grammar'
import { PURPOSE_WORDS } from './words'

export const RULE_GROUP_WORDS: Readonly<Record<RuleGroup, string>> = {
  fit: 'Fitting the vehicle',
  people: 'People',
  ways: 'Getting about',
  use: 'In use',
  travel: 'On the road',
  safety: 'Safety',
  air: 'Air, light and quiet',
  service: 'Service',
  outside: 'Outside',
  weight: 'Weight',
  future: 'Later on',
  house: 'House rules',
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
  /** Of each finding that it makes; the worst first. */
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
  bareC: 'without lagging, bears',
  awayNights: 'nights away from a hook-up, at most',
  leastC: 'may be charged from',
  armMm: 'counts as deep from',
  batteryMm: 'length of a battery',
  batteryWideMm: 'width of a battery',
  batteryHighMm: 'height of a battery',
  beforeMm: 'clear in front of it',
  chairMm: 'for the wheelchair, at least',
  intoMm: 'over its edge',
  loadedKg: 'counted as loaded with',
  screwKg: 'on one screw, at most',
  overThighMm: 'beyond the hollow of the knee, at most',
  shallowMm: 'depth, at least',
  overKneeMm: 'above the hollow of the knee, at most',
  pointKg: 'on one point, at most',
  aidMm: 'with a walker, at most',
  bedMm: 'from the bed, at most',
  breathMm: 'carbon monoxide alarm above or below the pillow, at most',
  clothMm: 'cloth above the hob, up to',
  deepMm: 'in from the door’s inner face, at most',
  curtainMm: 'from a curtain, at least',
  panC: 'a hot pan, °C',
  deadMm: 'dead depth, at most',
  exitMm: 'from the exit, at most',
  fallMm: 'fall for each metre',
  handMm: 'arm’s reach from the door',
  headMm: 'from a pillow, at least',
  highMm: 'high from',
  mostMm: 'at most',
  mostU: 'U-value, at most',
  openingMm: 'from an opening, at least',
  people: 'people, from',
  pressedMm: 'that a mattress gives',
  railMm: 'rail, at least',
  tankMm: 'from a tank, at least',
  touchMm: 'counts as touching under',
  turnsMm: 'for the other cooks, off by at most',
  underRoofMm: 'smoke alarm below the roof, at most',
  airMm: 'air beside it, at least',
  aloneMm: 'for one, at least',
  apartMm: 'apart, at least',
  awayMm: 'away from it, at least',
  depthMm: 'depth of a person',
  eachMm: 'for each, at least',
  besideMm: 'to the side, at most',
  dropMm: 'roof lower by, at most',
  empty: 'share that may stay empty',
  enough: 'share that is enough',
  freeKg: 'unfixed, at most',
  back: 'share when opening backward',
  forward: 'share when opening forward',
  freeMm: 'clear, at least',
  gapMm: 'gap, at most',
  heavyKg: 'heavy from',
  leastBelowMm: 'below the elbow, at least',
  intakeMm: 'from exhaust to intake, at least',
  leastCm2: 'vent, at least',
  leastMm: 'blocked under',
  liftMm: 'drawn up, at most',
  lengthMm: 'length, at least',
  longMm: 'longer side, at least',
  most: 'at most',
  mostBelowMm: 'below the elbow, at most',
  mostMarks: 'things that show, at most',
  mostMin: 'time, at most',
  nearMm: 'distance, at most',
  askedKg: 'asked from',
  below: 'below as delivered, share',
  least: 'at least, share',
  reserveKg: 'kept in reserve',
  share: 'share, at most',
  offDeg: 'off the direction of travel, at most',
  ofFloor: 'vent, share of the floor',
  overLitres: 'litres above the drawers, at most',
  overFloorMm: 'above the floor, at most',
  runMm: 'cable run, at most',
  shortMm: 'shorter side, at least',
  shoulders: 'shoulders, share of height',
  slackMm: 'slack either way',
  soundMm: 'sound metal round a cut',
  spareMm: 'to spare',
  stepMm: 'apart, at most',
  stiffMm: 'for stiff knees, at most',
  upToM: 'above sea level, at most',
  transferMm: 'from a wheelchair, at most',
}

/** What a rule calls a figure whose key means something else in others. */
const OWN_PARAMETER_WORDS: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  'bed-high': { freeMm: 'for everyone else, at most' },
  'step-rise': { freeMm: 'for everyone else, at most' },
  'stands-off': { leastMm: 'reported from' },
  'heater-size': { least: 'of what is needed, at least', most: 'times what is needed, at most' },
  'basin-height': { turnsMm: 'for the others, off by at most' },
}

/** What a figure of a rule is called. */
export const ruleParameterWord = (rule: string, key: string): string =>
  OWN_PARAMETER_WORDS[rule]?.[key] ?? RULE_PARAMETER_WORDS[key] ?? key

const CONSEQUENCE: Readonly<Record<Gravity, string>> = {
  stop: 'A stop: as drawn it is impossible, unlawful or unsafe.',
  caution: 'A caution: you would regret it.',
  note: 'A note: good to know, no more.',
}

/** How a rule keeps to what a builder would say aloud, in sentences. */
function judgedHow(rule: Rule, lengths: LengthUnit): readonly string[] {
  const codes = Object.keys(rule.gravity) as FindingCode[]
  return [
    ...ORDER.filter((gravity) => Object.values(rule.gravity).includes(gravity)).map((gravity) => CONSEQUENCE[gravity]),
    toleranceOf(rule, lengths) ?? 'No tolerance beyond what the rule itself says.',
    ...(codes.some((code) => TOLD_TOGETHER.has(code))
      ? ['Where one thing causes several findings it is listed once, with what follows from it below.']
      : []),
    ...(rule.asks ? ['Where it cannot know, it asks and reports nothing.'] : []),
    rule.hasWaysOut
      ? 'Each remedy is tried on the whole plan; only one that works is offered, with what it makes worse.'
      : `No remedy is offered: ${NO_WAY_OUT[rule.id] ?? ''}.`,
  ]
}

const toleranceOf = ({ tolerance }: Rule, lengths: LengthUnit): string | undefined =>
  tolerance === undefined
    ? undefined
    : `A matter of comfort: up to ${sayLength(tolerance.mm, lengths)} or ${formatFigure(tolerance.share * 100)}% off, whichever is less, is let pass.`

/** A rule with all that a reader of the book asks of it. */
export function sayRule(rule: Rule, lengths: LengthUnit): RuleEntry {
  const words = RULE_WORDS[rule.id]!
  return {
    ...words,
    designer: withLengths(words.designer, lengths),
    id: rule.id,
    group: rule.group,
    gravity: ORDER.filter((gravity) => Object.values(rule.gravity).includes(gravity)),
    modes: rule.modes === 'every' ? 'in every mode' : list(rule.modes.map((purpose) => PURPOSE_WORDS[purpose])),
    basis: sayBasis(rule.basis, lengths),
    tolerance: toleranceOf(rule, lengths),
    judged: judgedHow(rule, lengths),
    parameters: Object.entries(rule.parameters).map(([key, one]) => ({
      name: ruleParameterWord(rule.id, key),
      value: figure(one.default, one.unit, lengths),
      limits: `${figure(one.min, one.unit, lengths)} to ${figure(one.max, one.unit, lengths)}`,
      basis: sayBasis(one.basis, lengths),
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
