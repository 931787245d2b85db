import type { DemandFacts, Need, Page, ResolvedDemand } from '../brief'
import { formatLength, needed, sayVolume, sayLength, type LengthUnit } from '../units'
import { CHOICES } from './choices'
import { capital, count, degrees, person } from './grammar'
import { NEED_WORDS } from './words'

export const PAGE_WORDS: Record<Page, string> = {
  people: 'People',
  pets: 'Pets',
  gear: 'Gear',
  use: 'Use',
  comfort: 'Comfort',
  build: 'Build',
}

/** What each rule from answers to demands says, before the figures of a case. */
export const RULE_SENTENCES: Readonly<Record<string, string>> = {
  beds: 'People who share a bed get one bed together, as long as the tallest of them and some to spare, with a full width for each; someone alone gets a little more.',
  cots: 'An infant who sleeps here gets a cot of its own that leaves the seats free.',
  belts: 'Everyone who travels on a seat gets an approved belt.',
  wheelchair: 'Someone who travels in a wheelchair gets a place with tie-downs and a belt.',
  turning: 'A wheelchair must be able to turn round somewhere on the floor.',
  desks: 'Someone who works here gets a desk by the number of screens; from four hours a day it is a must.',
  bedside: 'A machine at the bedside gets a shelf with a socket within reach of the pillow.',
  pets: 'Each pet gets a place where it rides and sleeps, as long as itself and a sixth more.',
  gear: 'Each piece that lives inside gets a place; a piece that is seldom used is a wish.',
  'gear-outside': 'What lives outside or on the roof gets a place there.',
  water: 'Fresh water for everyone who sleeps here, for the nights between taps; more with a shower inside.',
  heat: 'Nights under 5 °C call for a heater; so does choosing a way of heating.',
  seats: 'Everyone has a seat inside when it rains, guests too.',
  table: 'Everyone has a place at one table, guests too; a must where there is cooking.',
  galley:
    'Cooking calls for a galley with a sink and a hob, longer for daily cooking; a wish where cooking is outside.',
  basin: 'Those who cook outside wash up inside; those who never cook still wash their hands, as a wish.',
  cold: 'Cooking calls for a fridge, larger for two who cook daily.',
  toilet: 'The kind of toilet chosen; a wish until the client has said.',
  shower: 'Washing inside calls for a shower; someone in a wheelchair rolls in.',
}

/** An answer as the brief shows it. */
const answered = (question: keyof typeof CHOICES, value: unknown): string =>
  (CHOICES[question] as Readonly<Record<string, string>>)[String(value)] ?? String(value)

/** A figure that may be below nought, with a true minus. */

/** “2 people”, “2 people and 1 guest”. */
const aboard = ({ people, guests }: DemandFacts): string => {
  const own = count(Number(people), { one: 'person', many: 'people' })
  return Number(guests) === 0 ? own : `${own} and ${count(Number(guests), { one: 'guest', many: 'guests' })}`
}

/** A rule’s sum for one case, with its figures. */
export function sayFacts(rule: string, facts: DemandFacts, unit: LengthUnit): string {
  const mm = (key: string) => sayLength(Number(facts[key]), unit)
  const yes = (key: string) => facts[key] === 'yes'
  const who = capital(person(String(facts.who ?? '')))
  switch (rule) {
    case 'beds':
      return `${who}: ${mm('tallestMm')} tall + ${mm('spareMm')} = ${sayLength(Number(facts.tallestMm) + Number(facts.spareMm), unit)} long; ${count(Number(facts.sleepers), { one: 'sleeper', many: 'sleepers' })}${Number(facts.broad) > 0 ? `, ${sayLength(50, unit)} more for ${facts.broad} of broad build` : ''}${yes('byDay') ? '; it has to be there by day too' : ''}.`
    case 'belts':
      return `${count(Number(facts.people), { one: 'person travels', many: 'people travel' })} on a seat${Number(facts.small) > 0 ? `, ${facts.small} of them in a child’s seat` : ''}.`
    case 'wheelchair':
      return `${who}: ${yes('measured') ? 'as the chair was measured' : 'clear floor as published'}.`
    case 'turning':
      return `${who} needs ${mm('turningMm')} to turn.`
    case 'desks':
      return `${who} works ${facts.hours} h a day with ${count(Number(facts.screens), { one: 'screen', many: 'screens' })}.`
    case 'pets':
      return `${who} is ${mm('lengthMm')} long, rides ${answered('rides', facts.rides)} and sleeps ${answered('sleeps', facts.sleeps)}.`
    case 'gear':
    case 'gear-outside':
      return `${count(Number(facts.count), { one: 'piece', many: 'pieces' })}, used ${answered('use', facts.use)}${yes('apart') ? ', by its largest part when taken apart' : ''}${facts.place === undefined ? '' : `, ${answered('place', facts.place)}`}.`
    case 'water': {
      const pets =
        Number(facts.pets) > 0
          ? ` + ${count(Number(facts.pets), { one: 'pet', many: 'pets' })} × ${sayVolume(Number(facts.petL))}`
          : ''
      return `${count(Number(facts.nights), { one: 'night', many: 'nights' })} × (${count(Number(facts.people), { one: 'person', many: 'people' })} × ${sayVolume(Number(facts.perNightL))}${pets}${Number(facts.rinseL ?? 0) > 0 ? ` + ${sayVolume(Number(facts.rinseL))} rinsed outside` : ''}) = ${sayVolume(Number(facts.litres))}.`
    }
    case 'heat':
      return `Coldest night ${degrees(facts.coldestC)}; a heater is called for under ${degrees(facts.limitC)}. Heating: ${answered('heating', facts.heating)}.`
    case 'seats':
    case 'table':
      return `${aboard(facts)}.`
    case 'galley':
      return `Cooking: ${answered('cooking', facts.cooking)}, ${answered('cookingOn', facts.on)}.`
    case 'cold':
      return `Cooking: ${answered('cooking', facts.cooking)}; about ${sayVolume(Number(facts.litres))}.`
    case 'toilet':
      return `Toilet: ${answered('toilet', facts.school)}${yes('said') ? '' : ' (assumed)'}.`
    case 'shower':
      return yes('rolls')
        ? `Roll-in, ${formatLength(1525, unit)} × ${sayLength(760, unit)} as published.`
        : 'A tray to stand in.'
    default:
      return facts.who === undefined ? '' : `For ${person(String(facts.who))}.`
  }
}

/** Why a demand is there, in sentences. */
export function sayBecause(demand: ResolvedDemand, unit: LengthUnit): readonly string[] {
  const { because } = demand
  switch (because.code) {
    case 'typed':
      return ['As typed in the brief.']
    case 'typical':
      return ['A common size, assumed: the brief says nothing else.']
    case 'sleepers':
      return [
        `People who sleep in it: ${because.people}. The tallest is ${sayLength(because.tallestMm, unit)} tall and needs ${sayLength(50, unit)} to spare.`,
      ]
    case 'travellers':
      return [`People who travel: ${because.people}.`]
    case 'people':
      return [`People in the brief: ${because.people}.`]
    case 'water':
      return [
        because.restL === undefined
          ? `${count(because.people, { one: 'sleeper', many: 'sleepers' })} × ${count(because.nights, { one: 'night', many: 'nights' })} × ${sayVolume(because.perNightL)} = ${sayVolume(demand.quantity)}.`
          : `${count(because.nights, { one: 'night', many: 'nights' })} × (${count(because.people, { one: 'sleeper', many: 'sleepers' })} × ${sayVolume(because.perNightL)} + ${sayVolume(because.restL)}) = ${sayVolume(demand.quantity)}.`,
      ]
    case 'rule':
      return [RULE_SENTENCES[because.rule]!, sayFacts(because.rule, because.facts, unit)].filter((line) => line !== '')
  }
}

const SEVERAL: readonly Need[] = ['berth', 'belt', 'table-seat', 'seat']

/** What a demand is called in a list. */
export function sayDemand({ label, need, quantity }: ResolvedDemand): string {
  if (label !== undefined && label !== '') return label
  const words = NEED_WORDS[need]
  return need === 'berth' || quantity !== 1 ? words.many : words.one
}

/** How much a demand asks for, as one figure. */
export function sayDemandFigure(demand: ResolvedDemand, unit: LengthUnit): string {
  if (demand.unit === 'litres') return sayVolume(demand.quantity)
  if (demand.need !== 'berth' && SEVERAL.includes(demand.need)) return String(demand.quantity)
  return demand.sizeMm
    .slice(0, 2)
    .map((side) => formatLength(needed(side, unit), unit))
    .join(' × ')
}
