import { RULE_GROUPS, RULES, type Gravity, type Rule, type RuleGroup } from '../review'
import { formatFigure, formatNumber, sayLength, type LengthUnit } from '../units'
import { sayBasis } from './findings'
import { list, PURPOSE_WORDS } from './words'

/** A rule as it stands in the book: its title, what it asks of a plan, and what the client has of it. */
interface RuleWords {
  readonly title: string
  readonly designer: string
  readonly client: string
}

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
  future: 'Later on',
  house: 'Of the house',
}

/** By rule id; a test keeps it equal to the rules. */
export const RULE_WORDS: Readonly<Record<string, RuleWords>> = {
  'air-berth': {
    title: 'Air at every head',
    designer: 'Where a plan has openings for air, each head lies near one: a fan, a roof hatch or a window that opens.',
    client: 'You sleep in moving air.',
  },
  'air-hob': {
    title: 'Steam goes out',
    designer: 'A fan, an opening window or a door is near the hob.',
    client: 'Cooking does not steam up the vehicle.',
  },
  'air-pair': {
    title: 'A fan has its inlet',
    designer: 'An extract fan has another opening to draw from, across the space and not beside it.',
    client: 'The fan moves the air, not only itself.',
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
  'belt-floor': {
    title: 'Belts over structure',
    designer: 'A belted seat stands over seat rails or the maker’s points in the floor.',
    client: 'The belts hold.',
  },
  'berth-rail': {
    title: 'A rail by a high bed',
    designer: 'A bunk, and any high bed that a child sleeps in, has a rail high enough over the mattress.',
    client: 'No one falls out of bed.',
  },
  'berth-warm': {
    title: 'No bed against a cold wall',
    designer: 'A mattress touches only a wall that is lined well enough to stay dry.',
    client: 'The mattress stays dry.',
  },
  'carry-in': {
    title: 'It goes in through a door',
    designer: 'Tanks, machines and cubicles that come whole pass a door and can be turned inside.',
    client: 'Everything can be brought in, and out again.',
  },
  'drain-fall': {
    title: 'Waste water runs off',
    designer: 'From a shower or basin to a waste tank there is fall enough for its length of pipe.',
    client: 'The shower runs dry.',
  },
  'drawer-reach': {
    title: 'No dead end in a drawer',
    designer: 'Drawers run out so far that a hand reaches their back.',
    client: 'You reach what lies at the back.',
  },
  'driver-view': {
    title: 'Free in front of those in front',
    designer: 'On the road nothing reaches into where the driver and passenger look out and airbags unfold.',
    client: 'Nothing is in the driver’s way.',
  },
  'extinguisher-near': {
    title: 'An extinguisher by the way out',
    designer: 'An extinguisher is beside an exit and a few steps from a bed.',
    client: 'The extinguisher is where you need it.',
  },
  'fill-clean': {
    title: 'Clean water away from waste',
    designer: 'The filler for water is well away from waste drain and toilet hatch.',
    client: 'You fill clean water cleanly.',
  },
  'gear-out': {
    title: 'Gear comes out again',
    designer: 'Each piece that is stowed inside passes a door.',
    client: 'You get your things out.',
  },
  'heater-clear': {
    title: 'Exhaust away from doors and tanks',
    designer: 'A heater stands clear of doors and opening windows along its side, and of tanks.',
    client: 'Exhaust does not come in.',
  },
  'hook-up-side': {
    title: 'The cable beside the door',
    designer: 'The inlet for the mains is clear of an entrance on its side.',
    client: 'You do not step over the cable.',
  },
  'inlet-one': {
    title: 'One live inlet',
    designer: 'Mains comes in at one place only.',
    client: 'No plug is live in your hand.',
  },
  'light-door': {
    title: 'Door lights go out',
    designer: 'A light by a door has a switch of its own.',
    client: 'Going out at night wakes no one.',
  },
  'light-reading': {
    title: 'A reading light for each',
    designer: 'Where lights are drawn, each sleeper has one to read by within reach.',
    client: 'One reads while the other sleeps.',
  },
  'pet-step': {
    title: 'The pet gets in',
    designer: 'No step at the entrance is higher than the brief says a pet takes.',
    client: 'Your animal gets in by itself.',
  },
  'reserve-kept': {
    title: 'Room for what is to come',
    designer: 'What the brief foresees has its berth, belt or place for a battery kept.',
    client: 'What you have in mind for later fits.',
  },
  'step-rise': {
    title: 'Steps one can take',
    designer: 'No step at the entrance is higher than the stiffest of the people can take.',
    client: 'You get in without climbing.',
  },
  'table-knee': {
    title: 'Seat and table match',
    designer: 'Between a seat’s cushion and the top before it there is room for thighs, and no more than for elbows.',
    client: 'You sit well at the table.',
  },
  'wet-apart': {
    title: 'Wet things apart',
    designer: 'What comes back wet is stowed where nothing dry is.',
    client: 'Wet gear has a place of its own.',
  },
  'daily-front': {
    title: 'Daily things in front',
    designer: 'A stowage deeper than an arm does not hold daily and seldom used things together.',
    client: 'What you use daily lies in front.',
  },
  'hung-held': {
    title: 'What hangs is held',
    designer: 'What hangs on wall or roof is fixed to structure, at points enough for its mass and what is in it.',
    client: 'Nothing comes down on you.',
  },
  'seat-height': {
    title: 'Feet on the floor',
    designer: 'A seat is no higher than the knees of the shortest adult.',
    client: 'Everyone sits with their feet on the floor.',
  },
  'seats-dry': {
    title: 'A dry seat for each',
    designer: 'In one of the modes one lives in, everyone can sit inside.',
    client: 'On a wet day everyone sits dry.',
  },
  'transfer-space': {
    title: 'Room to move over from a wheelchair',
    designer: 'Beside the bed of one who uses a wheelchair, and before a toilet, there is room for the chair.',
    client: 'You can move over from your chair.',
  },
  'window-free': {
    title: 'Windows that open are reached',
    designer: 'At least half of a window that opens is free of what stands before it.',
    client: 'You can open your windows.',
  },
  'awning-door': {
    title: 'The awning hangs over a door',
    designer: 'Along the vehicle an awning reaches over a door of its side.',
    client: 'You step out in the dry.',
  },
  'bed-alone': {
    title: 'A bed is made while another sits',
    designer: 'With two sleepers, the change to the night leaves at least one place to rest in peace.',
    client: 'One can go to bed while the other still reads.',
  },
  'bed-high': {
    title: 'A bed one gets onto',
    designer: 'The mattress is no higher than its sleeper’s knees, chair or stairs allow.',
    client: 'You get into bed without help.',
  },
  'belt-facing': {
    title: 'Belts look forward or back',
    designer: 'A belted seat is turned no more than a few degrees from the way of travel.',
    client: 'Everyone travels on a seat that may carry them.',
  },
  'belts-enough': {
    title: 'A belt for each traveller',
    designer: 'In every mode on the road there are as many belted seats as people who travel.',
    client: 'Everyone may come along.',
  },
  'berth-length': {
    title: 'Long enough to lie',
    designer: 'A berth is as long as the taller of its sleepers and a little more.',
    client: 'You lie stretched out.',
  },
  'berth-width': {
    title: 'Wide enough to lie',
    designer: 'A berth gives each of its sleepers their width.',
    client: 'You lie without touching the wall.',
  },
  'berths-enough': {
    title: 'A berth for each sleeper',
    designer: 'One of the night modes has as many berths as people who sleep in it.',
    client: 'Everyone has a bed.',
  },
  'body-opening': {
    title: 'The body is open where it must be',
    designer: 'A cassette’s hatch, a fan’s cut-out and a roof window have their opening in the body.',
    client: 'Holes that are needed are planned.',
  },
  'change-possible': {
    title: 'From one mode to the next',
    designer: 'There is an order in which everything can be moved past what stands there.',
    client: 'It can be changed over at all.',
  },
  'change-time': {
    title: 'Quick enough to change',
    designer: 'The moves from one mode to the next take no longer than patience lasts.',
    client: 'Making the bed is no evening’s work.',
  },
  'clearance-free': {
    title: 'Room to use it',
    designer: 'Doors, drawers, lids, people at work and getting in have their room in the modes that use them.',
    client: 'Everything opens and can be worked at.',
  },
  'climb-over': {
    title: 'Out of bed over no one',
    designer: 'At night no one gets out over another sleeper.',
    client: 'You wake no one when you get up.',
  },
  'cold-near': {
    title: 'The cold box by the hob',
    designer: 'From hob to cold box it is a step.',
    client: 'You reach what you cook.',
  },
  'door-free': {
    title: 'Doors stay free',
    designer: 'Behind an entrance and an emergency exit enough of the opening stays free.',
    client: 'You get in and out.',
  },
  'drawer-latch': {
    title: 'Heavy drawers lock',
    designer: 'A drawer with more than a light load has a latch that locks.',
    client: 'No drawer flies out in a bend.',
  },
  'electrics-dry': {
    title: 'Electrics stay dry',
    designer: 'Battery, inverter and fuse board keep away from basin and shower.',
    client: 'Water does not reach the electrics.',
  },
  'figure-fits': {
    title: 'The body that was put there fits',
    designer: 'A person, a pet or a piece of gear that the designer put into a mode meets nothing.',
    client: 'You, to scale, have the room.',
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
  'gear-stowed': {
    title: 'A place for each piece of gear',
    designer: 'Every piece of the brief lies in a room that takes it, with all others.',
    client: 'Everything you bring has its place.',
  },
  'ground-clear': {
    title: 'Nothing hangs lowest',
    designer: 'Tanks under the floor clear the ground as the vehicle itself does.',
    client: 'It touches down no earlier than before.',
  },
  'heads-apart': {
    title: 'Heads away from feet',
    designer: 'No head lies by another sleeper’s feet.',
    client: 'You sleep head by head.',
  },
  'heads-clear': {
    title: 'No knock on the head',
    designer: 'Over each seat the tallest sits and rises below what hangs there.',
    client: 'You sit without ducking.',
  },
  'held-fast': {
    title: 'Held on the road',
    designer: 'In a mode on the road nothing heavy only stands.',
    client: 'Nothing flies when you brake.',
  },
  'hob-beside': {
    title: 'Nothing burns beside the hob',
    designer: 'Furniture that rises beside a hob keeps its distance, or a splashback is between.',
    client: 'Nothing scorches beside the pans.',
  },
  'inside-shell': {
    title: 'Inside the lined body',
    designer: 'Every part lies within the lining; a scribed part may be cut behind, its front stands whole.',
    client: 'It fits the vehicle.',
  },
  'loose-stowed': {
    title: 'A place for loose parts',
    designer: 'Cushions, boards and covers that a mode does not use lie in a stowage.',
    client: 'No cushion lies about.',
  },
  'mattress-air': {
    title: 'The mattress dries',
    designer: 'Foam lies on slats or a drilled board.',
    client: 'Your mattress does not grow mould.',
  },
  'no-holes': {
    title: 'No holes where none are wanted',
    designer:
      'A fit-out that moves on is held by rails, the maker’s points, straps or its weight, and the body stays whole.',
    client: 'The vehicle stays as it was.',
  },
  'no-overlap': {
    title: 'One place for one thing',
    designer: 'No two things share room, nor a thing and what stands proud of the body.',
    client: 'Nothing stands in another.',
  },
  'parking-fit': {
    title: 'Under the lowest bar',
    designer: 'With what stands on the roof the vehicle goes under the height that the client named.',
    client: 'It fits where you park.',
  },
  'passing-place': {
    title: 'A place to pass',
    designer: 'Somewhere on the floor one stands aside for another.',
    client: 'Two of you pass one another.',
  },
  'quiet-heads': {
    title: 'Quiet at the pillow',
    designer: 'Heads keep away from heaters, cold boxes, inverters and air conditioners.',
    client: 'You sleep in quiet.',
  },
  'rail-held': {
    title: 'A grab rail that holds',
    designer: 'A grab rail is bolted into framing.',
    client: 'The rail holds you.',
  },
  'recline-free': {
    title: 'Cab seats lean back',
    designer: 'A cab seat leans back as far as it does by itself.',
    client: 'You can lean back on the road.',
  },
  'resale-bed': {
    title: 'A bed that counts',
    designer: 'Where the brief thinks of selling, one bed is as long as the register asks.',
    client: 'Its next owner can register it.',
  },
  'service-access': {
    title: 'Got at once in a while',
    designer:
      'Toilet tank, pump, fuses, bottles, filters and the spare wheel are reached; what must be moved first is counted.',
    client: 'What breaks can be got at.',
  },
  'service-present': {
    title: 'The musts are there',
    designer: 'Each must of the brief is offered in a mode of its purpose, on the road in every one.',
    client: 'What you must have is in the plan.',
  },
  'sit-up': {
    title: 'Sitting up in bed',
    designer: 'Over the head end there is room for the sleeper to sit.',
    client: 'You can sit up in bed.',
  },
  'standing-height': {
    title: 'Standing upright',
    designer: 'The tallest stands upright where one cooks, washes and opens doors.',
    client: 'You stand without stooping.',
  },
  'stands-on': {
    title: 'Stands or hangs on something',
    designer: 'Everything has floor, wall, roof or a neighbour to hold it.',
    client: 'Nothing hangs in the air.',
  },
  'stealth-seen': {
    title: 'Unseen from outside',
    designer: 'Where the brief wants it, as little as can be shows from outside.',
    client: 'No one sees that you live in it.',
  },
  'swivel-free': {
    title: 'Cab seats turn',
    designer: 'A seat that a mode turns goes round past lever, door, pillar and furniture.',
    client: 'The front seats belong to the room.',
  },
  'table-places': {
    title: 'All at one table',
    designer: 'In one of the modes one lives in, each has a seat with a table’s edge before it.',
    client: 'You all eat together.',
  },
  'turning-circle': {
    title: 'Room to turn a wheelchair',
    designer: 'Somewhere on the floor the wheelchair’s circle is free.',
    client: 'You turn round inside.',
  },
  'way-width': {
    title: 'A way to everything',
    designer:
      'From an entrance one walks to every place that a mode uses, as wide as the broadest person or their aid needs.',
    client: 'You get everywhere.',
  },
  'ways-out': {
    title: 'Two ways out',
    designer: 'From where people sleep there are two ways out that a person gets through.',
    client: 'You get out at night, even if one way is blocked.',
  },
  'worktop-free': {
    title: 'Worktop while cooking',
    designer: 'Where one cooks daily, a stretch of worktop stays free in a mode that has the hob.',
    client: 'You have room to cut and to put down.',
  },
  'worktop-height': {
    title: 'Worktop as high as the cook',
    designer: 'The worktop lies as far below the elbow of one who cooks as light work wants it.',
    client: 'You cook without stooping.',
  },
}

export interface RuleEntry extends RuleWords {
  readonly id: string
  readonly group: RuleGroup
  /** Of each finding that it makes; the gravest first. */
  readonly gravity: readonly Gravity[]
  readonly modes: string
  readonly basis: string
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
  beforeMm: 'room before it',
  chairMm: 'for the chair, at least',
  loadedKg: 'filled with',
  overKneeMm: 'over the knee, at most',
  pointKg: 'on one point, at most',
  aidMm: 'with a walker, at most',
  bedMm: 'from the bed, at most',
  breathMm: 'off a head’s height, at most',
  deadMm: 'dead depth, at most',
  exitMm: 'from the exit, at most',
  fallMm: 'fall for each metre',
  headMm: 'from a head, at least',
  highMm: 'high from',
  mostMm: 'at most',
  mostU: 'U-value, at most',
  openingMm: 'from an opening, at least',
  railMm: 'rail, at least',
  tankMm: 'from a tank, at least',
  touchMm: 'counts as touching below',
  underRoofMm: 'under the roof, at most',
  airMm: 'air beside it, at least',
  aloneMm: 'for one, at least',
  apartMm: 'apart, at least',
  awayMm: 'away from it, at least',
  depthMm: 'depth of a body',
  eachMm: 'for each, at least',
  enough: 'share that is enough',
  freeKg: 'free to stand, at most',
  freeMm: 'free, at least',
  heavyKg: 'heavy from',
  leastBelowMm: 'below the elbow, at least',
  leastMm: 'shut below',
  lengthMm: 'length, at least',
  longMm: 'longer side, at least',
  most: 'at most',
  mostBelowMm: 'below the elbow, at most',
  mostMarks: 'marks, at most',
  mostMin: 'time, at most',
  nearMm: 'away from it, at most',
  offDeg: 'off the way of travel, at most',
  overFloorMm: 'over the floor, at most',
  runMm: 'apart, at most',
  shortMm: 'shorter side, at least',
  shoulders: 'shoulders, share of stature',
  slackMm: 'slack either way',
  spareMm: 'to spare',
  stepMm: 'apart, at most',
  stiffMm: 'for stiff knees, at most',
  transferMm: 'from a wheelchair, at most',
}

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
