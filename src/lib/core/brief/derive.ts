import { ACCESS } from '../people'
import { ageOf, answer, bedsOf, isAnswered, peopleOf, sleepersOf } from './answers'
import { BERTH_SPARE_MM, NEED_FACTS, SINGLE_BERTH_MM, sleeperWidthMm } from './needs'
import type { Brief, Gear, Need, Person, Purpose } from './schema'
import { waterNights, waterUse } from './water'

/** The pages of the conversation, in the order in which a designer asks. */
export const PAGES = ['people', 'pets', 'gear', 'use', 'comfort', 'build'] as const
export type Page = (typeof PAGES)[number]

/** Figures and words that a rule worked with: lengths end in Mm, the rest are plain. */
export type DemandFacts = Readonly<Record<string, number | string>>

/** One demand that an answer implies. */
export interface Derived {
  /** What tells it from others of its rule: whose it is. */
  readonly key: string
  readonly label?: string
  readonly must: boolean
  readonly weight?: number
  readonly quantity?: number
  readonly sizeMm?: readonly number[]
  /** Modes in which it must hold, the need’s own first; left out: that one only. */
  readonly purposes?: readonly Purpose[]
  /** Ids of the people, pets or pieces of gear that it is for. */
  readonly forWhom: readonly string[]
  readonly facts: DemandFacts
}

/** From answers to demands: one rule, to be read. Its sentence is in the words, by its id. */
export interface DeriveRule {
  readonly id: string
  readonly need: Need
  /** Where in the conversation its answers stand. */
  readonly page: Page
  readonly derive: (brief: Brief) => readonly Derived[]
}

/** More width for one of broad build. Common practice, no source. */
const BROAD_MM = 50
/** Below this at night, heat is a must. Common practice, no source. */
const COLD_C = 5

const ids = (people: readonly (readonly [string, Person])[]): readonly string[] => people.map(([id]) => id)
const named = (people: readonly (readonly [string, Person])[]): string =>
  people.map(([, { label }]) => label).join(' and ')

/** Length and depth that each school of toilet takes. Common practice, no source. */
const TOILET_MM: Record<string, readonly number[]> = {
  portable: [420, 380],
  cassette: [450, 600],
  separating: [500, 450],
  dry: [450, 450],
}

/** Depth of a desk for paper, and for a screen with room before it. Common practice, no source. */
const PAPER_DEPTH_MM = 450
const SCREEN_DEPTH_MM = 500
/** Width of a desk by its screens. Common practice, no source. */
const deskMm = (screens: number): number => [600, 800, 1000][screens] ?? 1000 + (screens - 2) * 400

const gearOf = (brief: Brief): readonly (readonly [string, Gear])[] => Object.entries(brief.gear ?? {})
const inside = ([, { place }]: readonly [string, Gear]): boolean => (place ?? 'inside') === 'inside'

/** Whether anyone cooks, and not out of doors. */
const cooksInside = (brief: Brief): boolean =>
  answer(brief, 'cooking') !== 'never' && answer(brief, 'cookingOn') !== 'outside'

const stow = ([id, gear]: readonly [string, Gear]): Derived => {
  const apart = gear.apartMm !== undefined
  return {
    key: id,
    label: gear.label,
    must: gear.use !== 'seldom',
    ...(gear.use === 'seldom' ? { weight: 2 } : {}),
    quantity: gear.count,
    sizeMm: gear.apartMm ?? gear.sizeMm,
    forWhom: [id],
    facts: { piece: gear.label, count: gear.count, apart: apart ? 'yes' : 'no', use: gear.use ?? 'weekly' },
  }
}

/** Every rule there is, in the order of the conversation. */
export const DERIVE_RULES: readonly DeriveRule[] = [
  {
    id: 'beds',
    need: 'berth',
    page: 'people',
    derive: (brief) => {
      const beds = bedsOf(brief)
      return beds.map((bed) => {
        const tallestMm = Math.max(...bed.map(([, { statureMm }]) => statureMm))
        const broad = bed.filter(([, { build }]) => build === 'broad').length
        const wide =
          bed.length === 1
            ? SINGLE_BERTH_MM + broad * BROAD_MM
            : bed.reduce((sum, [, person]) => sum + sleeperWidthMm(person), 0)
        const byDay = bed.some(([, { sleepsByDay }]) => sleepsByDay === true)
        return {
          key: bed[0]![0],
          ...(beds.length > 1 ? { label: `Bed for ${named(bed)}` } : {}),
          must: true,
          quantity: bed.length,
          sizeMm: [tallestMm + BERTH_SPARE_MM, wide],
          purposes: byDay ? ['sleeping', 'living'] : ['sleeping'],
          forWhom: ids(bed),
          facts: {
            who: named(bed),
            tallestMm,
            spareMm: BERTH_SPARE_MM,
            sleepers: bed.length,
            broad,
            byDay: byDay ? 'yes' : 'no',
          },
        }
      })
    },
  },
  {
    id: 'cots',
    need: 'cot',
    page: 'people',
    derive: (brief) =>
      peopleOf(brief)
        .filter(([, person]) => person.sleeps && ageOf(person) === 'infant')
        .map(([id, { label }]) => ({
          key: id,
          label: `Cot for ${label}`,
          must: true,
          forWhom: [id],
          facts: { who: label },
        })),
  },
  {
    id: 'belts',
    need: 'belt',
    page: 'people',
    derive: (brief) => {
      const riders = peopleOf(brief).filter(([, { travels, mobility }]) => travels && mobility !== 'wheelchair')
      const small = riders.filter(([, person]) => ageOf(person) === 'infant' || ageOf(person) === 'child').length
      return riders.length === 0
        ? []
        : [
            {
              key: 'all',
              must: true,
              quantity: riders.length,
              forWhom: ids(riders),
              facts: { people: riders.length, small },
            },
          ]
    },
  },
  {
    id: 'wheelchair',
    need: 'wheelchair-place',
    page: 'people',
    derive: (brief) =>
      peopleOf(brief)
        .filter(([, { travels, mobility }]) => travels && mobility === 'wheelchair')
        .map(([id, { label, wheelchair }]) => ({
          key: id,
          must: true,
          sizeMm: wheelchair === undefined ? ACCESS.clearFloorMm : [wheelchair.lengthMm, wheelchair.widthMm],
          forWhom: [id],
          facts: { who: label, measured: wheelchair === undefined ? 'no' : 'yes' },
        })),
  },
  {
    id: 'turning',
    need: 'turning-circle',
    page: 'people',
    derive: (brief) => {
      const users = peopleOf(brief).filter(([, { mobility }]) => mobility === 'wheelchair')
      if (users.length === 0) return []
      const turningMm = Math.max(...users.map(([, { wheelchair }]) => wheelchair?.turningMm ?? ACCESS.turningMm))
      return [
        {
          key: 'all',
          must: true,
          sizeMm: [turningMm, turningMm],
          forWhom: ids(users),
          facts: { who: named(users), turningMm },
        },
      ]
    },
  },
  {
    id: 'desks',
    need: 'desk',
    page: 'people',
    derive: (brief) =>
      peopleOf(brief).flatMap(([id, { label, work }]) =>
        work === undefined || work.hours === 0
          ? []
          : [
              {
                key: id,
                label: `Desk for ${label}`,
                must: work.hours >= 4,
                weight: 3,
                sizeMm: [deskMm(work.screens), work.screens === 0 ? PAPER_DEPTH_MM : SCREEN_DEPTH_MM],
                forWhom: [id],
                facts: { who: label, hours: work.hours, screens: work.screens },
              },
            ],
      ),
  },
  {
    id: 'bedside',
    need: 'bedside',
    page: 'people',
    derive: (brief) =>
      peopleOf(brief)
        .filter(([, { sleeps, bedside }]) => sleeps && bedside === true)
        .map(([id, { label }]) => ({
          key: id,
          label: `Bedside shelf for ${label}`,
          must: true,
          forWhom: [id],
          facts: { who: label },
        })),
  },
  {
    id: 'pets',
    need: 'pet-place',
    page: 'pets',
    derive: (brief) =>
      Object.entries(brief.pets).map(([id, { label, lengthMm, heightMm, sleeps, rides }]) => {
        const longMm = Math.round((lengthMm * 7) / 6)
        const here = sleeps !== 'outside' && sleeps !== 'bed'
        return {
          key: id,
          label: `Place for ${label}`,
          must: true,
          sizeMm: [longMm, Math.round(longMm * 0.6), heightMm],
          purposes: here ? ['driving', 'sleeping'] : ['driving'],
          forWhom: [id],
          facts: { who: label, lengthMm, rides: rides ?? 'crate', sleeps: sleeps ?? 'crate' },
        }
      }),
  },
  { id: 'gear', need: 'stowage', page: 'gear', derive: (brief) => gearOf(brief).filter(inside).map(stow) },
  {
    id: 'gear-outside',
    need: 'outside-store',
    page: 'gear',
    derive: (brief) =>
      gearOf(brief)
        .filter((entry) => !inside(entry))
        .map((entry) => ({ ...stow(entry), facts: { ...stow(entry).facts, place: entry[1].place! } })),
  },
  {
    id: 'water',
    need: 'water',
    page: 'use',
    derive: (brief) => {
      const { nightL, people, perNightL, pets, petL, rinseL } = waterUse(brief)
      const nights = waterNights(brief)
      const litres = Math.round(nights * nightL)
      // who neither cooks nor washes inside takes a canister along
      const carries = !cooksInside(brief) && answer(brief, 'washing') !== 'inside'
      return litres === 0
        ? []
        : [
            {
              key: 'all',
              must: !carries,
              weight: 3,
              quantity: Math.min(999, litres),
              forWhom: [],
              facts: { people, perNightL, pets, petL, ...(rinseL === 0 ? {} : { rinseL }), nights, litres },
            },
          ]
    },
  },
  {
    id: 'heat',
    need: 'heater',
    page: 'use',
    derive: (brief) => {
      const coldestC = answer(brief, 'coldestC')
      const heating = answer(brief, 'heating')
      const cold = isAnswered(brief, 'coldestC') && coldestC < COLD_C
      return cold || heating !== 'none'
        ? [{ key: 'all', must: cold, weight: 4, forWhom: [], facts: { coldestC, heating, limitC: COLD_C } }]
        : []
    },
  },
  {
    id: 'seats',
    need: 'seat',
    page: 'comfort',
    derive: (brief) => {
      const sitting = peopleOf(brief).filter(
        ([, person]) => ageOf(person) !== 'infant' && person.mobility !== 'wheelchair',
      )
      const guests = answer(brief, 'guests')
      return sitting.length === 0
        ? []
        : [
            {
              key: 'all',
              must: true,
              quantity: sitting.length + guests,
              forWhom: ids(sitting),
              facts: { people: sitting.length, guests },
            },
          ]
    },
  },
  {
    id: 'table',
    need: 'table-seat',
    page: 'comfort',
    derive: (brief) => {
      const sitting = peopleOf(brief).filter(([, person]) => ageOf(person) !== 'infant')
      const guests = answer(brief, 'guests')
      return sitting.length === 0
        ? []
        : [
            {
              key: 'all',
              // one alone eats on their lap, and who cooks outside eats there
              must: cooksInside(brief) && sitting.length + guests > 1,
              weight: 4,
              quantity: sitting.length + guests,
              forWhom: ids(sitting),
              facts: { people: sitting.length, guests },
            },
          ]
    },
  },
  {
    id: 'galley',
    need: 'hob',
    page: 'comfort',
    derive: (brief) => {
      const cooking = answer(brief, 'cooking')
      if (cooking === 'never') return []
      const on = answer(brief, 'cookingOn')
      return [
        {
          key: 'all',
          must: on !== 'outside',
          weight: 3,
          sizeMm: [cooking === 'daily' ? 1400 : 1200, 500],
          forWhom: brief.use?.cook === undefined ? [] : [brief.use.cook],
          facts: { cooking, on },
        },
      ]
    },
  },
  {
    id: 'basin',
    need: 'basin',
    page: 'comfort',
    derive: (brief) =>
      Object.keys(brief.people).length > 0 &&
      (answer(brief, 'cooking') === 'never' || answer(brief, 'cookingOn') === 'outside')
        ? [{ key: 'all', must: false, weight: 3, forWhom: [], facts: {} }]
        : [],
  },
  {
    id: 'cold',
    need: 'cold-box',
    page: 'comfort',
    derive: (brief) => {
      const cooking = answer(brief, 'cooking')
      if (cooking === 'never') return []
      const large = cooking === 'daily' && sleepersOf(brief).length > 1
      return [
        {
          key: 'all',
          must: cooking === 'daily',
          weight: 4,
          sizeMm: large ? [600, 560] : NEED_FACTS['cold-box'].sizeMm,
          forWhom: [],
          facts: { cooking, litres: large ? 130 : 90 },
        },
      ]
    },
  },
  {
    id: 'toilet',
    need: 'toilet',
    page: 'comfort',
    derive: (brief) => {
      const school = answer(brief, 'toilet')
      if (school === 'none') return []
      const said = isAnswered(brief, 'toilet')
      return [
        {
          key: 'all',
          must: said,
          weight: 4,
          sizeMm: TOILET_MM[school]!,
          forWhom: [],
          facts: { school, said: said ? 'yes' : 'no' },
        },
      ]
    },
  },
  {
    id: 'shower',
    need: 'shower',
    page: 'comfort',
    derive: (brief) => {
      if (answer(brief, 'washing') !== 'inside') return []
      const rolls = Object.values(brief.people).some(({ mobility }) => mobility === 'wheelchair')
      return [
        {
          key: 'all',
          must: true,
          // whoever walks in is served by any that is made to stand in
          ...(rolls ? { sizeMm: ACCESS.rollInShowerMm } : {}),
          forWhom: [],
          facts: { rolls: rolls ? 'yes' : 'no' },
        },
      ]
    },
  },
]
