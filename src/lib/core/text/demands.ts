import type { DemandFacts, Need, Page, ResolvedDemand } from '../brief'
import { formatLength, sayVolume, sayLength, type LengthUnit } from '../units'
import { count, NEED_WORDS } from './words'

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
  beds: 'Who shares a bed gets one bed together, as long as the tallest and 50 mm, 600 mm wide for each; one alone gets 650 mm.',
  cots: 'An infant who sleeps here gets a cot of its own that leaves the seats free.',
  belts: 'Everyone who travels and sits on a seat gets an approved belt.',
  wheelchair: 'Who travels in a wheelchair gets a place with tie-downs and a belt.',
  turning: 'A wheelchair must be able to turn round somewhere on the floor.',
  desks: 'Who works here gets a desk by the number of screens; from four hours a day it is a must.',
  bedside: 'A machine at the bedside gets a shelf with a socket within reach of the pillow.',
  pets: 'Each pet gets a place where it rides and sleeps, as long as itself and a sixth more.',
  gear: 'Each piece that lives inside gets a stowage; what is seldom used is a wish.',
  'gear-outside': 'What lives outside or on the roof gets a place there.',
  water: 'Fresh water for everyone who sleeps here, for the nights between taps; more with a shower inside.',
  heat: 'Nights under 5 °C ask for a heater; so does whoever chose a way of heating.',
  seats: 'Everyone has a seat inside when it rains, guests too.',
  table: 'Everyone has a place at one table, guests too; a must where there is cooking.',
  galley: 'Who cooks gets a galley with basin and hob, longer for daily cooking; a wish where cooking is outside.',
  basin: 'Who cooks outside washes up inside; who never cooks still washes hands, as a wish.',
  cold: 'Cooking asks for a cold box, larger for two who cook daily.',
  toilet: 'A toilet of the chosen school; a wish while nobody has said so.',
  shower: 'Washing inside asks for a shower; one who uses a wheelchair rolls in.',
}

/** A rule’s sum for one case, with its figures. */
export function sayFacts(rule: string, facts: DemandFacts, unit: LengthUnit): string {
  const mm = (key: string) => sayLength(Number(facts[key]), unit)
  const yes = (key: string) => facts[key] === 'yes'
  switch (rule) {
    case 'beds':
      return `${facts.who}: ${mm('tallestMm')} + ${mm('spareMm')} long, for ${count(Number(facts.sleepers), { one: 'sleeper', many: 'sleepers' })}${Number(facts.broad) > 0 ? `, 50 mm more for ${facts.broad} of broad build` : ''}${yes('byDay') ? '; it must be there by day too' : ''}.`
    case 'belts':
      return `${count(Number(facts.people), { one: 'person travels', many: 'people travel' })} on a seat${Number(facts.small) > 0 ? `, ${facts.small} of them in a child’s seat` : ''}.`
    case 'wheelchair':
      return `${facts.who}, ${yes('measured') ? 'as the chair was measured' : 'clear floor as published'}.`
    case 'turning':
      return `${facts.who} turns in ${mm('turningMm')}.`
    case 'desks':
      return `${facts.who} works ${facts.hours} h a day with ${count(Number(facts.screens), { one: 'screen', many: 'screens' })}.`
    case 'pets':
      return `${facts.who} is ${mm('lengthMm')} long; rides ${facts.rides === 'crate' ? 'in a crate' : facts.rides === 'belt' ? 'on a belt' : 'on a seat'}, sleeps ${facts.sleeps === 'crate' ? 'in the crate' : facts.sleeps === 'bed' ? 'on the bed' : facts.sleeps === 'outside' ? 'outside' : 'on the floor'}.`
    case 'gear':
    case 'gear-outside':
      return `${count(Number(facts.count), { one: 'piece', many: 'pieces' })}, used ${facts.use}${yes('apart') ? ', by its largest part when taken apart' : ''}${facts.place === undefined ? '' : facts.place === 'roof' ? ', on the roof' : ', outside'}.`
    case 'water': {
      const pets = Number(facts.pets) > 0 ? ` + ${facts.pets} × ${facts.petL} L` : ''
      return `${facts.nights} nights × (${facts.people} × ${facts.perNightL} L${pets}) = ${sayVolume(Number(facts.litres))}.`
    }
    case 'heat':
      return `Coldest night ${facts.coldestC} °C, limit ${facts.limitC} °C; heating: ${facts.heating}.`
    case 'seats':
    case 'table':
      return `${facts.people} aboard + ${facts.guests} guests.`
    case 'galley':
      return `Cooking: ${facts.cooking}, ${facts.on === 'outside' ? 'outside' : `on a ${facts.on === 'induction' ? 'loose induction plate' : 'built-in hob'}`}.`
    case 'cold':
      return `Cooking: ${facts.cooking}; about ${facts.litres} L.`
    case 'toilet':
      return `School: ${facts.school}${yes('said') ? '' : ', as usual; nobody has said'}.`
    case 'shower':
      return yes('rolls') ? 'Roll-in, 1525 × 760 mm as published.' : 'A tray to stand in.'
    default:
      return facts.who === undefined ? '' : `For ${facts.who}.`
  }
}

/** Why a demand is there, in sentences. */
export function sayBecause(demand: ResolvedDemand, unit: LengthUnit): readonly string[] {
  const { because } = demand
  switch (because.code) {
    case 'typed':
      return ['As typed in the brief.']
    case 'typical':
      return ['A typical size; the brief says nothing else.']
    case 'sleepers':
      return [
        `${because.people} sleep in it; the tallest is ${sayLength(because.tallestMm, unit)} and wants 50 mm to spare.`,
      ]
    case 'travellers':
      return [`${because.people} travel in it.`]
    case 'people':
      return [`${because.people} people in the brief.`]
    case 'water':
      return [
        `${because.people} sleepers × ${because.nights} nights × ${because.perNightL} L = ${sayVolume(demand.quantity)}.`,
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
    .map((side) => formatLength(side, unit))
    .join(' × ')
}
