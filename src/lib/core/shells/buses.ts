import { draftShell } from './draft-shell'
import type { Shell } from '../shell'
import { axlesOf, floorRails, openingsOf, rowsOf, spareUnder, wallPillars, windows } from './furnish'

interface Size {
  readonly id: string
  readonly name: string
  readonly lengthMm: number
  readonly widthMm: number
  readonly heightMm: number
  readonly archFromMm: number
  readonly wheelbaseMm: number
  readonly trackMm: number
  readonly kerbKg: number
  readonly ratings: readonly [number, number]
  readonly grossKg: number
  /** Windows a side; those listed are emergency exits. */
  readonly windows: number
  readonly emergency: readonly number[]
  readonly lift: boolean
}

const SIZES: readonly Size[] = [
  {
    id: 'bus-7m',
    name: 'Shuttle bus, 7 m',
    lengthMm: 5240,
    widthMm: 2280,
    heightMm: 1960,
    archFromMm: 1150,
    wheelbaseMm: 4020,
    trackMm: 1960,
    kerbKg: 4180,
    ratings: [2600, 4600],
    grossKg: 6400,
    windows: 4,
    emergency: [2],
    lift: false,
  },
  {
    id: 'bus-9m',
    name: 'Bus, 9 m',
    lengthMm: 7480,
    widthMm: 2360,
    heightMm: 2000,
    archFromMm: 1750,
    wheelbaseMm: 4700,
    trackMm: 2000,
    kerbKg: 7350,
    ratings: [4200, 8200],
    grossKg: 11_500,
    windows: 5,
    emergency: [1, 3],
    lift: true,
  },
  {
    id: 'bus-12m',
    name: 'Bus, 12 m',
    lengthMm: 10_480,
    widthMm: 2400,
    heightMm: 2050,
    archFromMm: 2450,
    wheelbaseMm: 6100,
    trackMm: 2060,
    kerbKg: 10_900,
    ratings: [6800, 11_500],
    grossKg: 17_800,
    windows: 7,
    emergency: [1, 4],
    lift: true,
  },
]

/** A pillar between two windows: along the body, and how far it stands proud of the skin. */
const PILLAR_MM = 90
const PROUD_MM = 60

function bus(size: Size): Shell {
  const { id, name, lengthMm, widthMm, heightMm, archFromMm } = size
  const half = widthMm / 2
  const draft = draftShell(id, name, 'bus', { lengthMm, widthMm, heightMm, archFromMm })
  const glazed = lengthMm - 1250
  const pitch = glazed / size.windows
  const spans = Array.from({ length: size.windows }, (_, index): readonly [number, number] => [
    Math.round(250 + index * pitch + PILLAR_MM / 2),
    Math.round(250 + (index + 1) * pitch - PILLAR_MM / 2),
  ])
  const rows = Math.floor((lengthMm - 1100) / 780)
  return {
    ...draft,
    ...axlesOf(archFromMm + 525, size.wheelbaseMm, size.trackMm, size.kerbKg, 0.34, size.ratings, size.grossKg),
    openings: openingsOf(
      draft,
      {
        'door-rear': {
          label: 'rear emergency door',
          fromMm: -420,
          toMm: 420,
          headMm: 1700,
          opens: 'hinged',
          need: 'emergency',
        },
        'door-side': {
          label: 'folding door',
          opens: 'folding',
          stepMm: 450,
          fromMm: lengthMm - 900,
          toMm: lengthMm - 80,
          headMm: 1930,
        },
      },
      [
        ...windows(spans, 830, 1520, size.emergency),
        {
          id: 'hatch-roof',
          label: 'roof hatch, emergency exit',
          side: 'roof',
          fromMm: Math.round(lengthMm / 2) - 300,
          toMm: Math.round(lengthMm / 2) + 300,
          sillMm: -300,
          headMm: 300,
          opens: 'roof-hatch',
          need: 'emergency',
          entrance: false,
        },
      ],
    ),
    keepOuts: [
      ...draft.keepOuts,
      ...wallPillars(
        Array.from({ length: size.windows - 1 }, (_, index) => 250 + (index + 1) * pitch),
        half,
        PROUD_MM,
        PILLAR_MM,
        Math.round(heightMm * 0.9),
      ),
      spareUnder(archFromMm + 1200, 300, 850),
      ...(size.lift
        ? [
            {
              id: 'lift-wheelchair',
              label: 'wheelchair lift, stowed',
              what: 'lift' as const,
              from: [archFromMm + 1250, -half - 40, 0] as [number, number, number],
              to: [archFromMm + 2450, -half + 320, 1250] as [number, number, number],
              notchable: false,
            },
          ]
        : []),
      {
        id: 'cover-engine',
        label: 'engine cover',
        what: 'engine-cover',
        from: [lengthMm + 250, -300, 0],
        to: [lengthMm + 1100, 300, 380],
        notchable: false,
      },
    ],
    cabSeats: draft.cabSeats.slice(0, 1),
    loadSeats: rowsOf(
      Array.from(
        { length: rows },
        (_, row) => [500 + row * 780, [half - 300, half - 740, -half + 740, -half + 300].map(Math.round)] as const,
      ),
      { widthMm: 430, depthMm: 450, cushionMm: 440 },
      false,
    ),
    ribs: { wallMm: 40, roofMm: 38, pitchMm: 760 },
    rails: floorRails(300, lengthMm - 500, [half - 120, half - 900, -half + 900, -half + 120].map(Math.round)),
  }
}

/** Shuttle bus and buses with ribs, emergency exits and, two of them, a wheelchair lift. Invented to be plausible. */
export const BUSES: readonly Shell[] = SIZES.map(bus)
