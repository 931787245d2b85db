import { draftShell } from './draft-shell'
import type { Shell } from '../shell'
import { axlesOf, doorPillars, openingsOf, spareUnder, swivels, tieDowns } from './furnish'

/** Upright walls, roll-up rear door, side entry, no way through from the cab. */
const rollUp: Shell = {
  ...draftShell('truck-box', 'Box truck, roll-up rear door', 'box-truck', {
    lengthMm: 4300,
    widthMm: 2100,
    heightMm: 2160,
    archFromMm: 900,
  }),
  stations: [
    {
      xMm: 0,
      left: [
        [0, 0],
        [1050, 0],
        [1050, 700],
        [1050, 1400],
        [1050, 2080],
        [990, 2150],
        [400, 2160],
        [0, 2160],
      ],
    },
    {
      xMm: 4300,
      left: [
        [0, 0],
        [1050, 0],
        [1050, 700],
        [1050, 1400],
        [1050, 2080],
        [990, 2150],
        [400, 2160],
        [0, 2160],
      ],
    },
  ],
  bulkhead: { xMm: 4300, wayThrough: false },
  keepOuts: [
    {
      id: 'box-roller',
      label: 'roll-up door drum',
      what: 'other',
      from: [0, -1020, 1930],
      to: [330, 1020, 2160],
      notchable: false,
    },
    {
      id: 'box-tracks',
      label: 'door tracks under the roof',
      what: 'other',
      from: [330, -1020, 2085],
      to: [1900, 1020, 2160],
      notchable: true,
    },
    spareUnder(150, 450, 750),
  ],
  openings: [
    {
      id: 'door-rear',
      label: 'roll-up rear door',
      side: 'rear',
      fromMm: -960,
      toMm: 960,
      sillMm: 0,
      headMm: 1930,
      opens: 'roll-up',
      need: 'may-cover',
      entrance: false,
    },
    {
      id: 'door-side',
      label: 'side door',
      side: 'right',
      fromMm: 3240,
      toMm: 4020,
      sillMm: 0,
      headMm: 1930,
      opens: 'hinged',
      need: 'stay-free',
      entrance: true,
    },
  ],
  cabSeats: [
    {
      id: 'cab-driver',
      label: 'driver',
      xMm: 5080,
      yMm: 480,
      widthMm: 490,
      depthMm: 500,
      cushionMm: 180,
      belt: true,
      reclineDeg: 20,
      removable: false,
    },
    {
      id: 'cab-passenger',
      label: 'passenger',
      xMm: 5080,
      yMm: -480,
      widthMm: 490,
      depthMm: 500,
      cushionMm: 180,
      belt: true,
      reclineDeg: 20,
      removable: false,
    },
  ],
  outline: {
    plan: [
      [-40, 0],
      [-40, 1085],
      [4350, 1085],
      [4350, 980],
      [4420, 1000],
      [5600, 985],
      [5940, 900],
      [6080, 620],
      [6110, 0],
    ],
    side: [
      [-40, -120],
      [-40, 2225],
      [4350, 2225],
      [4350, 1300],
      [4560, 1320],
      [5000, 1290],
      [5480, 560],
      [5960, 420],
      [6090, 120],
      [6100, -480],
      [6060, -560],
      [4350, -560],
      [4350, -120],
    ],
  },
  ...axlesOf(1180, 3750, 1750, 2480, 0.55, [1850, 2400], 3500),
  outer: { lengthMm: 6150, widthMm: 2170, heightMm: 3125, groundMm: 170 },
  fixings: tieDowns(5, 4300, 1000),
}

const larger = draftShell('truck-box-through', 'Box truck, twin rear doors, way through', 'box-truck', {
  lengthMm: 5200,
  widthMm: 2160,
  heightMm: 2230,
  archFromMm: 1000,
})

/** Twin rear doors and a way through from the cab. */
const wayThrough: Shell = {
  ...larger,
  ...axlesOf(1400, 4300, 1800, 3150, 0.5, [2600, 5200], 7200),
  openings: openingsOf(larger, {
    'door-rear': { opens: 'hinged-270' },
    // with a running step under the sill
    'door-side': { label: 'side door', opens: 'hinged', fromMm: 4000, toMm: 4780, headMm: 1960, stepMm: 480 },
  }),
  keepOuts: [
    {
      id: 'through-sill',
      label: 'sill of the way through',
      what: 'other',
      from: [5120, -330, 0],
      to: [5200, 330, 160],
      notchable: true,
    },
    ...doorPillars(5250, 920, 1200),
    spareUnder(150, 450, 800),
  ],
  cabSeats: swivels(larger.cabSeats, 30),
  fixings: tieDowns(6, 5200, 1040),
}

/** With and without a way through from the cab. Invented to be plausible, no maker's vehicles. */
export const BOX_TRUCKS: readonly Shell[] = [rollUp, wayThrough]
