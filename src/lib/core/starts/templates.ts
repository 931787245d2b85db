import type { Brief } from '../brief'

/** Briefs to start from, in invented scenarios. */
export interface BriefTemplate {
  readonly id: string
  readonly name: string
  /** Who they are, in a sentence. */
  readonly story: string
  readonly brief: Brief
}

const brief = (given: Partial<Brief>): Brief => ({
  people: {},
  pets: {},
  nightsOffHookUp: 3,
  derives: true,
  demands: {},
  notes: '',
  ...given,
})

export const BRIEF_TEMPLATES: readonly BriefTemplate[] = [
  {
    id: 'weekend-pair',
    name: 'Weekend pair',
    story: 'Two who climb at weekends and cook on the tailgate when it is dry.',
    brief: brief({
      people: {
        'person-one': {
          label: 'the one who leads',
          statureMm: 1780,
          sleeps: true,
          travels: true,
          sleepsWith: 'person-two',
        },
        'person-two': {
          label: 'the one who belays',
          statureMm: 1670,
          sleeps: true,
          travels: true,
          sleepsWith: 'person-one',
        },
      },
      gear: {
        'gear-ropes': {
          label: 'Climbing bags',
          sizeMm: [700, 350, 350],
          count: 2,
          massKg: 14,
          soft: true,
          use: 'weekly',
        },
        'gear-table': {
          label: 'Folding table and two chairs',
          sizeMm: [900, 600, 250],
          count: 1,
          massKg: 12,
          wet: true,
        },
      },
      nightsOffHookUp: 2,
      use: { nightsPerYear: 40, cooking: 'sometimes', toilet: 'portable', washing: 'outside', coldestC: 2 },
    }),
  },
  {
    id: 'working-pair',
    name: 'Working pair, all year',
    story: 'A translator and a map maker who live in it and work five days a week.',
    brief: brief({
      people: {
        'person-one': {
          label: 'the translator',
          statureMm: 1840,
          sleeps: true,
          travels: true,
          sleepsWith: 'person-two',
          work: { hours: 7, screens: 1 },
        },
        'person-two': {
          label: 'the map maker',
          statureMm: 1650,
          sleeps: true,
          travels: true,
          sleepsWith: 'person-one',
          work: { hours: 6, screens: 2 },
          leftHanded: true,
        },
      },
      gear: {
        'gear-bikes': {
          label: 'Bicycles, front wheel out',
          sizeMm: [1400, 450, 1050],
          count: 2,
          massKg: 14,
          wet: true,
        },
        'gear-clothes': {
          label: 'Clothes crates',
          sizeMm: [600, 400, 320],
          count: 4,
          massKg: 10,
          use: 'daily',
          mayLie: false,
        },
      },
      nightsOffHookUp: 5,
      use: {
        nightsPerYear: 330,
        offHookUpPercent: 80,
        cooking: 'daily',
        washing: 'inside',
        toilet: 'separating',
        heating: 'diesel',
        energy: 'solar',
        coldestC: -8,
      },
    }),
  },
  {
    id: 'family-four',
    name: 'Family of four',
    story: 'Two adults, a schoolchild who grows and a baby, for six weeks every summer.',
    brief: brief({
      people: {
        'person-one': {
          label: 'the taller parent',
          statureMm: 1810,
          sleeps: true,
          travels: true,
          sleepsWith: 'person-two',
        },
        'person-two': {
          label: 'the other parent',
          statureMm: 1690,
          sleeps: true,
          travels: true,
          sleepsWith: 'person-one',
        },
        'person-three': {
          label: 'the schoolchild',
          statureMm: 1280,
          sleeps: true,
          travels: true,
          age: 'child',
          years: 8,
        },
        'person-four': { label: 'the baby', statureMm: 740, sleeps: true, travels: true, age: 'infant', years: 1 },
      },
      gear: {
        'gear-stroller': {
          label: 'Stroller',
          sizeMm: [950, 600, 1050],
          apartMm: [850, 550, 350],
          count: 1,
          massKg: 10,
          use: 'daily',
        },
        'gear-bags': { label: 'Suitcases', sizeMm: [750, 500, 300], count: 2, massKg: 18 },
      },
      nightsOffHookUp: 3,
      use: {
        nightsPerYear: 50,
        cooking: 'daily',
        toilet: 'cassette',
        washing: 'outside',
        planYears: 3,
        guests: 0,
        coldestC: 6,
        future: ['child'],
      },
    }),
  },
  {
    id: 'wheelchair-pair',
    name: 'Wheelchair user with a partner',
    story: 'An organ tuner who rolls aboard by a lift, and a partner who drives.',
    brief: brief({
      people: {
        'person-one': {
          label: 'the organ tuner',
          statureMm: 1730,
          sleeps: true,
          travels: true,
          mobility: 'wheelchair',
          sleepsWith: 'person-two',
          helper: true,
          bedside: true,
          wheelchair: { lengthMm: 1150, widthMm: 660, turningMm: 1525 },
        },
        'person-two': { label: 'the driver', statureMm: 1700, sleeps: true, travels: true, sleepsWith: 'person-one' },
      },
      gear: {
        'gear-tools': {
          label: 'Tuning case',
          sizeMm: [700, 450, 300],
          count: 1,
          massKg: 19,
          hidden: true,
          use: 'daily',
          mayLie: false,
        },
      },
      nightsOffHookUp: 3,
      use: {
        nightsPerYear: 90,
        cooking: 'daily',
        toilet: 'cassette',
        washing: 'inside',
        heating: 'diesel',
        coldestC: 0,
      },
    }),
  },
  {
    id: 'solo-stealth',
    name: 'Alone and unseen',
    story: 'A night courier who sleeps by day in quiet streets.',
    brief: brief({
      people: {
        'person-one': { label: 'the courier', statureMm: 1760, sleeps: true, travels: true, sleepsByDay: true },
      },
      gear: {
        'gear-bike': {
          label: 'Folding bicycle',
          sizeMm: [1500, 550, 1050],
          apartMm: [800, 400, 650],
          count: 1,
          massKg: 12,
          wet: true,
          use: 'daily',
        },
      },
      nightsOffHookUp: 6,
      use: {
        nightsPerYear: 250,
        stealth: true,
        cooking: 'sometimes',
        toilet: 'dry',
        parkingHeightMm: 2100,
        parkingLengthMm: 5500,
        energy: 'driving',
        permanence: 'removable',
      },
    }),
  },
  {
    id: 'family-car',
    name: 'Still the family car',
    story:
      'A minivan that takes children to school on Monday and two adults to the lake on Friday, without one hole drilled.',
    brief: brief({
      people: {
        'person-one': { label: 'the rower', statureMm: 1790, sleeps: true, travels: true, sleepsWith: 'person-two' },
        'person-two': { label: 'the cox', statureMm: 1620, sleeps: true, travels: true, sleepsWith: 'person-one' },
        'person-three': {
          label: 'the elder child',
          statureMm: 1350,
          sleeps: false,
          travels: true,
          age: 'child',
          years: 9,
        },
      },
      pets: {},
      gear: {
        'gear-board': {
          label: 'Inflatable paddle board, rolled',
          sizeMm: [900, 400, 300],
          count: 1,
          massKg: 10,
          soft: true,
          wet: true,
        },
      },
      nightsOffHookUp: 2,
      use: {
        nightsPerYear: 25,
        shared: 'daily',
        cooking: 'sometimes',
        toilet: 'none',
        permanence: 'no-holes',
        parkingHeightMm: 2000,
      },
    }),
  },
]
