import type { Basis } from '../brief'
import type { Finding, FindingCode } from '../review'
import type { Blocker, WaySide } from '../scene'
import { formatNumber, sayLength, type LengthUnit } from '../units'
import type { Names } from './names'
import { capital, CLEARANCE_WORDS, count, FACE_WORDS, list, NEED_WORDS, PURPOSE_WORDS, SERVICE_WORDS } from './words'

/** A finding in words: a short title, a sentence each for the designer and the client, and the arithmetic behind it. */
export interface FindingWords {
  readonly title: string
  readonly designer: string
  readonly client: string
  readonly why: readonly string[]
}

type Say = (mm: number) => string
type Sentences<C extends FindingCode> = (finding: Extract<Finding, { code: C }>, names: Names, say: Say) => FindingWords

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1)
const the = (text: string): string => (/^(the|a) /i.test(text) ? lower(text) : `the ${lower(text)}`)

const blockerName = (blocker: Blocker, names: Names): string =>
  blocker.kind === 'fitting'
    ? the(names.fitting(blocker.id))
    : blocker.kind === 'keep-out'
      ? the(names.part(blocker.id))
      : 'the body'

const sideName = (side: WaySide, names: Names): string => {
  if (side.kind === 'fitting') return the(names.fitting(side.id))
  if (side.kind === 'keep-out') return the(names.part(side.id))
  return side.id === 'rear' ? 'the rear doors' : side.id === 'front' ? 'the bulkhead' : `the ${side.id} wall`
}

const between = (sides: readonly WaySide[], names: Names): string =>
  sides.length === 0 ? '' : ` between ${list(sides.map((side) => sideName(side, names)))}`

const SENTENCES: { readonly [C in FindingCode]: Sentences<C> } = {
  'outside-shell': ({ fittings, measured, facts }, names, say) => {
    const it = the(names.fitting(fittings[0]!))
    const face = FACE_WORDS[facts.face]
    return {
      title: 'Does not fit the body',
      designer: `${capital(it)} goes ${say(measured)} through ${face}${facts.scribed ? ' at its front, which cannot be cut' : ''}.`,
      client: `${capital(it)} is ${say(measured)} too big for its place.`,
      why: [
        `The ${facts.part}’s worst corner lies ${say(measured)} outside the lined face, measured square to it; 0 is allowed.`,
        facts.scribed
          ? 'A scribed part may be cut behind; its front must stand whole.'
          : 'A rigid part must fit as it is.',
      ],
    }
  },
  overlap: ({ fittings, measured, facts }, names, say) => {
    const it = the(names.fitting(fittings[0]!))
    const other = blockerName(facts.other, names)
    return {
      title: 'Two things in one place',
      designer: `${capital(it)} and ${other} share ${say(measured)}.`,
      client: `${capital(it)} stands in ${other}.`,
      why: [
        `Least side of the space that the ${facts.part} and ${other} share: ${say(measured)}; they may touch, so 0 is allowed.`,
      ],
    }
  },
  'clearance-blocked': ({ fittings, measured, needed, unit, facts }, names, say) => {
    const it = the(names.fitting(fittings[0]!))
    const what = CLEARANCE_WORDS[facts.use]
    const by = list(facts.blockers.map((blocker) => blockerName(blocker, names)))
    const figure = (value: number) => (unit === 'deg' ? `${formatNumber(value)}°` : say(value))
    const verb = unit === 'deg' ? 'opens only' : 'is only'
    return {
      title: unit === 'deg' ? 'Does not open' : 'Too little room to use it',
      designer: `${capital(what)} at ${it} ${verb} ${figure(measured)} of ${figure(needed)}: ${by} ${facts.blockers.length > 1 ? 'are' : 'is'} in the way.`,
      client: `${capital(it)} cannot be used well because ${by} ${facts.blockers.length > 1 ? 'are' : 'is'} too near.`,
      why: [
        `Needed ${figure(needed)}; grown from nothing until it meets ${by}: ${figure(measured)}, short by ${figure(needed - measured)}.`,
      ],
    }
  },
  'swivel-blocked': ({ measured, needed, facts }, names) => {
    const by = list(facts.blockers.map((blocker) => blockerName(blocker, names)))
    const are = facts.blockers.length > 1 ? 'are' : 'is'
    return {
      title: 'The seat does not turn',
      designer: `The ${facts.seat}’s seat turns only ${formatNumber(measured, 1)}° of ${formatNumber(needed)}°: ${by} ${are} in the way.`,
      client: `You could not turn the ${facts.seat}’s seat round.`,
      why: [
        `Turned in steps of 7.5° about its axis, both ways round; the better way ends at ${formatNumber(measured, 1)}°, where it meets ${by}.`,
        'A swivel under a belted seat needs approval: work for a licensed fitter.',
      ],
    }
  },
  'recline-blocked': ({ measured, needed, facts }, names) => {
    const by = list(facts.blockers.map((blocker) => blockerName(blocker, names)))
    const are = facts.blockers.length > 1 ? 'are' : 'is'
    return {
      title: 'The seat does not lean back',
      designer: `The ${facts.seat}’s seat leans back only ${formatNumber(measured, 1)}° of ${formatNumber(needed)}°: ${by} ${are} in the way.`,
      client: `You could not lean back in the ${facts.seat}’s seat.`,
      why: [
        `Its backrest, leant about its foot in steps of 2.5°, meets ${by} after ${formatNumber(measured, 1)}°; by itself it leans ${formatNumber(needed)}°.`,
      ],
    }
  },
  'door-blocked': ({ fittings, measured, needed, facts }, names, say) => {
    const door = the(names.part(facts.openingId))
    const by = list(fittings.map((id) => the(names.fitting(id))))
    return {
      title: 'The way in is blocked',
      designer: `${capital(by)} leave${fittings.length > 1 ? '' : 's'} ${say(measured)} of ${door} free; ${say(needed)} must stay free.`,
      client: `You could not get in by ${door}.`,
      why: [
        `${capital(door)} is ${say(facts.wholeMm)} wide; the widest stretch with nothing within 300 mm behind it is ${say(measured)}.`,
      ],
    }
  },
  'bed-high': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Bed too high to get into',
    designer: `${capital(the(names.fitting(fittings[0]!)))} is ${say(measured)} high with its mattress; the ${facts.sleeper} gets onto ${say(needed)}.`,
    client: `The ${facts.sleeper} would have to climb into bed.`,
    why: [
      facts.mobility === 'stiff'
        ? `From the lined floor to the mattress’s top: ${say(measured)}; a stiff knee sits down on ${say(needed)} and does not climb.`
        : `From the lined floor to the mattress’s top: ${say(measured)}; one moves over onto at most ${say(needed)}, as published for seats.`,
    ],
  }),
  'berth-short': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Bed too short',
    designer: `${capital(the(names.fitting(fittings[0]!)))} is ${say(measured)} long${facts.along === 'y' ? ' across' : ''} at mattress height; the ${facts.sleeper}, ${say(facts.statureMm)}, needs ${say(needed)}.`,
    client: `The ${facts.sleeper} could not lie straight: the bed is ${say(needed - measured)} too short.`,
    why: [
      `${say(facts.statureMm)} stature + ${say(facts.spareMm)} to spare = ${say(needed)} needed; ${say(measured)} there; short by ${say(needed - measured)}.`,
    ],
  }),
  'berth-narrow': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Bed too narrow',
    designer: `${capital(the(names.fitting(fittings[0]!)))} is ${say(measured)} wide; ${facts.sleepers === 1 ? 'one sleeper needs' : `${facts.sleepers} sleepers need`} ${say(needed)}.`,
    client: `The bed is ${say(needed - measured)} too narrow.`,
    why: [`${facts.sleepers} × ${say(facts.eachMm)} = ${say(needed)} needed; ${say(measured)} there.`],
  }),
  'berths-few': ({ measured, needed }) => ({
    title: 'Not enough berths',
    designer: `${needed} sleep in it and there ${measured === 1 ? 'is 1 place' : `are ${measured} places`} to lie.`,
    client: `There is nowhere to sleep for ${needed - measured} of you.`,
    why: [`Sleeping places of all berths in this mode: ${measured}; sleepers in the brief: ${needed}.`],
  }),
  'belts-few': ({ measured, needed, facts }) => ({
    title: 'Not enough belts',
    designer: `${needed} travel and there ${measured === 1 ? 'is 1 belted seat' : `are ${measured} belted seats`}.`,
    client: `${needed - measured} of you could not travel in it.`,
    why: [
      `${facts.cab} in the cab + ${facts.fitted} fitted = ${measured}; ${needed} needed. Belts and anchorages are work for a licensed fitter and subject to approval.`,
    ],
  }),
  'table-few': ({ measured, needed, facts }) => ({
    title: 'Not everyone at the table',
    designer: `${needed} want to eat together and there ${measured === 1 ? 'is 1 place' : `are ${measured} places`} at a table.`,
    client: `${needed - measured} of you would eat standing.`,
    why: [`Places along table edges at 550 mm each: ${facts.places}; ${needed} needed. Seats beside: ${facts.seats}.`],
  }),
  'standing-low': ({ fittings, measured, needed, facts }, names, say) => {
    const it = the(names.fitting(fittings[0]!))
    const place = facts.use === 'stand-inside' ? `in ${it}` : `at ${it}`
    const over =
      facts.under === 'roof'
        ? 'under the roof'
        : facts.use === 'stand-inside'
          ? 'under its top'
          : `under ${the(names.fitting(facts.under.fittingId))}`
    return {
      title: 'Cannot stand upright',
      designer: `Standing ${place} leaves ${say(measured)} ${over}; the ${facts.person}, ${say(facts.statureMm)}, needs ${say(needed)}.`,
      client: `The ${facts.person} would have to stoop ${place}.`,
      why: [
        `${say(facts.statureMm)} stature + ${say(facts.spareMm)} for shoes = ${say(needed)}; floor to what is overhead: ${say(measured)}; short by ${say(needed - measured)}.`,
      ],
    }
  },
  'way-narrow': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Narrow way',
    designer: `The way to ${the(names.fitting(fittings[0]!))} narrows to ${say(measured)}${between(facts.between, names)}; ${facts.aid ? `the ${facts.person}, with wheelchair or walker, needs ${say(needed)}` : `the ${facts.person || 'tallest'}’s shoulders want ${say(needed)}`}.`,
    client: facts.aid
      ? `${capital(the(names.fitting(fittings[0]!)))} could not be reached with the wheelchair or walker.`
      : `You would go sideways to reach ${the(names.fitting(fittings[0]!))}.`,
    why: [
      `${facts.aid ? `A route of ${say(needed)}, as published` : `Shoulder breadth 0.259 × ${say(facts.statureMm)} = ${say(needed)}`}; the widest way from the entrance is ${say(measured)} at its narrowest.`,
      `Free from 150 mm above the floor to shoulder height, to the ${list(facts.services.map((type) => SERVICE_WORDS[type]))}.`,
    ],
  }),
  'way-shut': ({ fittings, measured, needed, purpose, facts }, names, say) => ({
    title: 'No way through',
    designer:
      measured === 0
        ? `There is no way from the entrance to ${the(names.fitting(fittings[0]!))} ${PURPOSE_WORDS[purpose]}.`
        : `The way to ${the(names.fitting(fittings[0]!))} narrows to ${say(measured)}${between(facts.between, names)}; below ${say(needed)} no one sidles past.`,
    client: `You could not get to ${the(names.fitting(fittings[0]!))} ${PURPOSE_WORDS[purpose]}.`,
    why: [
      `Widest way from any entrance, free from 150 mm above the floor to shoulder height: ${say(measured)}; at least ${say(facts.leastMm)} needed.`,
    ],
  }),
  'gear-too-long': ({ measured, needed, facts }, _names, say) => ({
    title: 'No stowage is long enough',
    designer:
      measured === 0
        ? `No stowage takes ${facts.piece || 'a piece of gear'}, ${size(facts.size, say)}.`
        : `${facts.piece || 'A piece of gear'} is ${say(needed)} long; the longest stowage for its section takes ${say(measured)}.`,
    client: `${facts.piece || 'A piece of gear'} has no place.`,
    why: [
      `${size(facts.size, say)} tried in every stowage, on each side and slanted on its floor; the longest piece of that section that goes in is ${say(measured)}.`,
    ],
  }),
  'gear-no-room': ({ facts }, _names, say) => ({
    title: 'No room left for gear',
    designer: `${facts.piece || 'A piece of gear'}, ${size(facts.size, say)}, would fit, but other gear is in its place.`,
    client: `${facts.piece || 'A piece of gear'} has no place left.`,
    why: [
      'Pieces are packed biggest first; what is left over fits an empty stowage but none of the rooms that remain.',
    ],
  }),
  'figure-blocked': ({ measured, facts }, names, say) => {
    const by = list(facts.blockers.map((blocker) => blockerName(blocker, names)))
    return {
      title: 'No room for the body',
      designer: `The ${facts.who}, ${facts.pose}, meets ${by} by up to ${say(measured)}.`,
      client: `There is no room for the ${facts.who} to be ${facts.pose} there.`,
      why: [`The body as blocks by its measures; up to 60 mm gives, ${say(measured)} is more.`],
    }
  },
  'turning-small': ({ measured, needed }, _names, say) => ({
    title: 'No room to turn',
    designer: `The largest free circle on the floor is ${say(measured)} across; the wheelchair turns in ${say(needed)}.`,
    client: `The wheelchair could not be turned round: ${say(needed - measured)} are missing.`,
    why: [`Twice the largest distance from anything that stands on the floor, on a grid of 25 mm: ${say(measured)}.`],
  }),
  'service-missing': ({ measured, needed, unit, facts }) => {
    const words = NEED_WORDS[facts.need]
    return unit === 'litres'
      ? {
          title: 'Not enough water',
          designer: `The tanks hold ${measured} L; the brief asks for ${needed} L.`,
          client: `The water would not last as long as you stay.`,
          why: [`Sum of all tanks: ${measured} L; wanted: ${needed} L.`],
        }
      : {
          title: `${words.one} is missing`,
          designer: `The brief asks for ${count(needed, { one: lower(words.one), many: lower(words.many) })}; the plan has ${measured === 0 ? 'none' : measured}.`,
          client: `${words.one} is not in the plan yet.`,
          why: [`A must of the brief: ${needed}; offered in this mode: ${measured}.`],
        }
  },
}

const size = (sides: readonly number[], say: Say): string => sides.map(say).join(' × ')

/** The words of a finding, in the units of the screen. */
export function sayFinding(finding: Finding, names: Names, unit: LengthUnit): FindingWords {
  const sentences = SENTENCES[finding.code] as Sentences<FindingCode>
  return sentences(finding as never, names, (mm) => sayLength(mm, unit))
}

/** Where a figure comes from, in words. */
export function sayBasis(basis: Basis): string {
  switch (basis.kind) {
    case 'practice':
      return `Common practice, no source: ${basis.note}.`
    case 'source':
      return `Source: ${basis.note}.`
    case 'geometry':
      return `Geometry: ${basis.note}.`
    case 'brief':
      return `From the brief: ${basis.note}.`
  }
}
