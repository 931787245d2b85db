import { draftShell } from './draft-shell'
import type { Shell } from '../shell'
import {
  axlesOf,
  doorPillars,
  floorRails,
  openingsOf,
  roofRails,
  rowsOf,
  spareUnder,
  swivels,
  tieDowns,
  wallPillars,
  windows,
} from './furnish'

const compactDraft = draftShell('van-compact', 'Compact van, second seat row', 'compact-van', {
  lengthMm: 1880,
  widthMm: 1560,
  heightMm: 1260,
  archFromMm: 330,
})

/** A second row on rails, a tailgate, sliding doors on both sides. */
const compact: Shell = {
  ...compactDraft,
  ...axlesOf(670, 2970, 1560, 1560, 0.59, [1180, 1250], 2250, 100),
  openings: openingsOf(
    compactDraft,
    {
      'door-rear': { label: 'tailgate', opens: 'tailgate', headMm: 1100 },
      'door-side': { label: 'right sliding door', fromMm: 1040, toMm: 1760, headMm: 1080 },
    },
    [
      {
        id: 'door-left',
        label: 'left sliding door',
        side: 'left',
        fromMm: 1040,
        toMm: 1760,
        sillMm: 0,
        headMm: 1080,
        opens: 'sliding',
        need: 'may-cover',
        entrance: false,
      },
      ...windows([[120, 900]], 640, 1000),
    ],
  ),
  loadSeats: rowsOf([[1380, [420, 0, -420]]], { widthMm: 420, depthMm: 450, cushionMm: 360 }, true),
  keepOuts: [...compactDraft.keepOuts, ...doorPillars(1880, 780, 1070), spareUnder(80, 0, 620)],
  rails: [...floorRails(1100, 1800, [520, -520]), ...roofRails(150, 2100, 590)],
  fixings: tieDowns(3, 1880, 690),
}

const minivanDraft = draftShell('minivan-glass-roof', 'Minivan, removable seats, glass roof', 'minivan', {
  lengthMm: 2340,
  widthMm: 1580,
  heightMm: 1190,
  archFromMm: 380,
})

/** Five seats that come out one by one, and a roof of glass that keeps its headlining off. */
const minivan: Shell = {
  ...minivanDraft,
  ...axlesOf(740, 2960, 1640, 1780, 0.56, [1350, 1450], 2520, 100),
  openings: openingsOf(
    minivanDraft,
    {
      'door-rear': { label: 'tailgate', opens: 'tailgate', headMm: 980 },
      'door-side': { label: 'right sliding door', fromMm: 1330, toMm: 2180, headMm: 1010 },
    },
    [
      {
        id: 'door-left',
        label: 'left sliding door',
        side: 'left',
        fromMm: 1330,
        toMm: 2180,
        sillMm: 0,
        headMm: 1010,
        opens: 'sliding',
        need: 'may-cover',
        entrance: false,
      },
      {
        id: 'roof-glass',
        label: 'glass roof',
        side: 'roof',
        fromMm: 700,
        toMm: 1950,
        sillMm: -420,
        headMm: 420,
        opens: 'fixed-window',
        need: 'may-cover',
        entrance: false,
      },
      ...windows([[150, 1200]], 560, 930),
    ],
  ),
  cabSeats: swivels(minivanDraft.cabSeats, 20),
  loadSeats: rowsOf(
    [
      [720, [340, -340]],
      [1620, [460, 0, -460]],
    ],
    { widthMm: 450, depthMm: 470, cushionMm: 340 },
    true,
  ),
  keepOuts: [
    ...minivanDraft.keepOuts,
    ...doorPillars(2340, 790, 1150),
    spareUnder(120, 0, 620),
    {
      id: 'place-jack',
      label: 'jack, behind its flap',
      what: 'jack',
      from: [60, 600, 150],
      to: [330, 680, 380],
      notchable: true,
    },
  ],
  rails: [...floorRails(350, 2250, [560, 250, -250, -560]), ...roofRails(300, 2600, 560)],
  fixings: tieDowns(3, 2340, 660),
}

const minibusDraft = draftShell('minibus-16', 'Minibus, sixteen seats', 'minibus', {
  lengthMm: 4560,
  widthMm: 2090,
  heightMm: 1880,
  archFromMm: 920,
})

/** Upright moulded walls, a step well at the side door, an emergency window each side. */
const minibus: Shell = {
  ...minibusDraft,
  ...axlesOf(1370, 3950, 1780, 2920, 0.46, [2100, 3500], 5000),
  openings: openingsOf(
    minibusDraft,
    { 'door-side': { fromMm: 3330, toMm: 4430, headMm: 1780 } },
    windows(
      [
        [260, 1240],
        [1310, 2290],
        [2360, 3270],
      ],
      820,
      1480,
      [1],
    ),
  ),
  keepOuts: [
    ...minibusDraft.keepOuts,
    ...doorPillars(4560, 1045, 1590),
    ...wallPillars([1275, 2325], 1045, 45, 70, 1700),
    spareUnder(80, -300, 720),
    {
      id: 'well-step',
      label: 'step well',
      what: 'step-well',
      from: [3380, -1085, -1],
      to: [4400, -800, 30],
      notchable: true,
    },
    {
      id: 'engine-cover',
      label: 'engine cover',
      what: 'engine-cover',
      from: [4980, -330, 0],
      to: [5900, 330, 420],
      notchable: false,
    },
  ],
  cabSeats: swivels(minibusDraft.cabSeats.slice(0, 1), 40),
  loadSeats: rowsOf(
    [
      [420, [780, 260, -260, -780]],
      [1300, [780, 330, -780]],
      [2080, [780, 330, -780]],
      [2860, [780, 330, -780]],
      [3640, [780, 330]],
    ],
    { widthMm: 430, depthMm: 450, cushionMm: 430 },
    false,
  ),
  rails: floorRails(200, 4000, [940, 480, -480, -940]),
  fixings: tieDowns(6, 4560, 990),
}

/** Compact van, minivan and minibus. Invented to be plausible, no maker's vehicles. */
export const PEOPLE_CARRIERS: readonly Shell[] = [compact, minivan, minibus]
