import { draftShell } from './draft-shell'
import type { Shell } from '../shell'
import { axlesOf, doorPillars, roofPoints, spareUnder, swivels, tieDowns, wallPillars } from './furnish'

const LEVER: Shell['keepOuts'][number] = {
  id: 'lever-brake',
  label: 'parking-brake lever',
  what: 'lever',
  from: [0, 0, 0],
  to: [0, 0, 0],
  notchable: false,
}

/** A long, high-roof panel van whose walls lean in, station by station. */
const longHigh: Shell = {
  ...draftShell('van-long-high', 'Panel van, long, high roof', 'panel-van', {
    lengthMm: 4250,
    widthMm: 1848,
    heightMm: 1935,
    archFromMm: 820,
  }),
  stations: [
    {
      xMm: 0,
      left: [
        [0, 0],
        [850, 0],
        [880, 350],
        [872, 900],
        [806, 1500],
        [672, 1795],
        [300, 1880],
        [0, 1890],
      ],
    },
    {
      xMm: 500,
      left: [
        [0, 0],
        [890, 0],
        [924, 350],
        [914, 900],
        [846, 1500],
        [704, 1830],
        [310, 1924],
        [0, 1935],
      ],
    },
    {
      xMm: 3500,
      left: [
        [0, 0],
        [890, 0],
        [924, 350],
        [914, 900],
        [846, 1500],
        [704, 1830],
        [310, 1924],
        [0, 1935],
      ],
    },
    {
      xMm: 4250,
      left: [
        [0, 0],
        [884, 0],
        [918, 350],
        [906, 900],
        [838, 1500],
        [690, 1800],
        [300, 1890],
        [0, 1900],
      ],
    },
  ],
  bulkhead: { xMm: 4250, wayThrough: true },
  keepOuts: [
    {
      id: 'arch-left',
      label: 'left wheel arch',
      what: 'wheel-arch',
      from: [820, 690, 0],
      to: [1690, 960, 310],
      notchable: true,
    },
    {
      id: 'arch-right',
      label: 'right wheel arch',
      what: 'wheel-arch',
      from: [820, -960, 0],
      to: [1690, -690, 310],
      notchable: true,
    },
    ...doorPillars(4250, 924, 1640),
    spareUnder(60, 0, 700),
  ],
  openings: [
    {
      id: 'door-rear',
      label: 'rear doors',
      side: 'rear',
      fromMm: -770,
      toMm: 770,
      sillMm: 0,
      headMm: 1780,
      opens: 'twin-hinged',
      need: 'may-cover',
      entrance: false,
    },
    {
      id: 'door-slide',
      label: 'sliding door',
      side: 'right',
      fromMm: 2900,
      toMm: 4120,
      sillMm: 0,
      headMm: 1720,
      opens: 'sliding',
      need: 'stay-free',
      entrance: true,
      stepMm: 210,
    },
    {
      id: 'window-left',
      label: 'left window',
      side: 'left',
      fromMm: 2950,
      toMm: 3950,
      sillMm: 950,
      headMm: 1430,
      opens: 'fixed-window',
      need: 'may-cover',
      entrance: false,
    },
  ],
  cabSeats: [
    {
      id: 'cab-driver',
      label: 'driver',
      xMm: 4740,
      yMm: 430,
      widthMm: 480,
      depthMm: 500,
      cushionMm: 420,
      belt: true,
      swivel: { aheadMm: 0, inboardMm: 40 },
      reclineDeg: 20,
      removable: false,
    },
    {
      id: 'cab-passenger',
      label: 'passenger',
      xMm: 4740,
      yMm: -430,
      widthMm: 480,
      depthMm: 500,
      cushionMm: 420,
      belt: true,
      swivel: { aheadMm: 0, inboardMm: 40 },
      reclineDeg: 20,
      removable: false,
    },
  ],
  outline: {
    plan: [
      [-30, 0],
      [-30, 900],
      [10, 950],
      [600, 985],
      [4300, 985],
      [4900, 968],
      [5350, 915],
      [5680, 800],
      [5860, 600],
      [5910, 300],
      [5915, 0],
    ],
    side: [
      [-30, -250],
      [-30, 1860],
      [40, 1960],
      [600, 2015],
      [4250, 1985],
      [4560, 1900],
      [4900, 1560],
      [5240, 1010],
      [5680, 860],
      [5850, 660],
      [5910, 280],
      [5860, -180],
      [5830, -250],
    ],
  },
  ...axlesOf(1255, 3680, 1790, 2110, 0.58, [1850, 2000], 3500, 150),
  outer: { lengthMm: 5945, widthMm: 1970, heightMm: 2580, groundMm: 160 },
  fixings: [...tieDowns(5, 4250, 860), ...roofPoints([500, 1500, 2500, 3500], 640, 2010)],
}

interface Size {
  readonly id: string
  readonly name: string
  readonly lengthMm: number
  readonly widthMm: number
  readonly heightMm: number
  readonly archFromMm: number
  readonly wheelbaseMm: number
  readonly kerbKg: number
  readonly grossKg: number
}

/** Those that are known by their four numbers and their masses. */
const SIZES: readonly Size[] = [
  {
    id: 'van-short-low',
    name: 'Panel van, short, low roof',
    lengthMm: 2560,
    widthMm: 1720,
    heightMm: 1400,
    archFromMm: 470,
    wheelbaseMm: 3000,
    kerbKg: 1790,
    grossKg: 2800,
  },
  {
    id: 'van-medium-low',
    name: 'Panel van, medium, low roof',
    lengthMm: 3120,
    widthMm: 1848,
    heightMm: 1660,
    archFromMm: 640,
    wheelbaseMm: 3440,
    kerbKg: 1960,
    grossKg: 3300,
  },
  {
    id: 'van-medium-high',
    name: 'Panel van, medium, high roof',
    lengthMm: 3120,
    widthMm: 1848,
    heightMm: 1935,
    archFromMm: 640,
    wheelbaseMm: 3440,
    kerbKg: 2010,
    grossKg: 3500,
  },
  {
    id: 'van-long-low',
    name: 'Panel van, long, low roof',
    lengthMm: 3700,
    widthMm: 1848,
    heightMm: 1660,
    archFromMm: 760,
    wheelbaseMm: 3680,
    kerbKg: 2040,
    grossKg: 3500,
  },
  {
    id: 'van-extra-long-high',
    name: 'Panel van, extra long, high roof',
    lengthMm: 4680,
    widthMm: 1848,
    heightMm: 1935,
    archFromMm: 1180,
    wheelbaseMm: 4320,
    kerbKg: 2290,
    grossKg: 3500,
  },
]

function panelVan({ id, name, wheelbaseMm, kerbKg, grossKg, ...numbers }: Size): Shell {
  const draft = draftShell(id, name, 'panel-van', numbers)
  const { lengthMm, widthMm, heightMm } = numbers
  const seat = draft.cabSeats[0]!
  return {
    ...draft,
    ...axlesOf(draft.axles.rearXMm, wheelbaseMm, 1740, kerbKg, 0.58, [1750, 2000], grossKg, 150),
    keepOuts: [
      ...draft.keepOuts,
      {
        ...LEVER,
        from: [seat.xMm - 120, seat.yMm - seat.widthMm / 2 - 90, 60],
        to: [seat.xMm + 260, seat.yMm - seat.widthMm / 2 - 30, 420],
      },
      {
        id: 'filler-neck',
        label: 'filler neck',
        what: 'filler',
        from: [lengthMm - 260, widthMm / 2 - 110, 120],
        to: [lengthMm - 60, widthMm / 2 + 40, 620],
        notchable: true,
      },
      ...doorPillars(lengthMm, Math.round(widthMm / 2), Math.round(heightMm * 0.84)),
      ...wallPillars([45], Math.round(widthMm * 0.4775), 60, 90, Math.round(heightMm * 0.9)),
      spareUnder(60, 0, 700),
    ],
    cabSeats: swivels(draft.cabSeats, 40),
    ribs: { wallMm: 35, roofMm: 28, pitchMm: 700 },
    fixings: [
      ...tieDowns(4, lengthMm, Math.round(widthMm * 0.465)),
      ...roofPoints([500, Math.round(lengthMm / 2), lengthMm - 400], 640, heightMm + 75),
    ],
  }
}

/** Short to extra long, low and high roof. Invented to be plausible, no maker's vehicles. */
export const PANEL_VANS: readonly Shell[] = [longHigh, ...SIZES.map(panelVan)]
