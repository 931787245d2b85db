import {
  curesOf,
  darkByMonth,
  findSets,
  powerCase,
  powerReport,
  type Cure,
  type Found,
  type PowerReport,
} from '$lib/core/budgets'
import type { Job } from '$lib/core/job'
import { namesOf, sayWire, type Names, sayCure, sayDark, sayDay, sayLoad, sayPower, SCHOOL_WORDS } from '$lib/core/text'
import { awgFor, shoppingOf, wiringOf, type Wiring } from '$lib/core/wiring'
import type { Query, Reply } from './reply'
import { repliedByVariant, round } from './variants-asked'

/** How the year of each variant of a document goes, or of the one asked for: the balance of a mean day, every day’s charge, what fails first, what would cure it, and the smallest sets that hold. */
export function powerReply(bytes: Uint8Array, query: Query): Reply {
  return repliedByVariant(bytes, query, (job, id) => answerOf(job, id, query.sets === '1'))
}

function answerOf(job: Job, variantId: string, withSets: boolean): object {
  const variant = job.variants[variantId]!
  const names = namesOf(job, variant.plan)
  const of = powerCase(job, variantId)
  const report = powerReport(job, variantId)
  const cures = curesOf(of)
  return {
    words: [sayPower(report, cures, job, names), sayDark(report, job, names)],
    ...yearOf(report),
    loads: report.rows.map(({ load, whADay, hoursADay, hasNoInverter }) => ({
      id: load.id,
      name: sayLoad(load, job, names),
      from: load.from,
      watts: round(load.watts),
      hoursADay: round(hoursADay),
      whADay: round(whADay),
      sheds: load.sheds,
      onlyAtHookUp: load.onlyHookUp || hasNoInverter,
    })),
    cures: cures.map((cure) => ({
      ...cureOf(cure),
      words: sayCure(cure, job, names),
    })),
    circuits: circuitsOf(wiringOf(job, variantId), names),
    ...(withSets ? { sets: findSets(of).map(setOf) } : {}),
  }
}

/** What cures it, by its figure alone. */
function cureOf(cure: Cure): object {
  switch (cure.what) {
    case 'without':
      return { what: cure.what, load: cure.load.id }
    case 'sun':
      return { what: cure.what, watts: cure.watts }
    case 'battery':
    case 'engine':
      return cure
  }
}

const yearOf = ({
  plant,
  shaded,
  tiltDeg,
  roofRoomM2,
  perDay,
  darkDays,
  darkHours,
  emptyHours,
  emptyDaysAway,
  livedDays,
  band,
  lowest,
  cycles,
  firstFail,
  gaps,
}: PowerReport) => ({
  has: {
    batteryWh: round(plant.capacityWh),
    usable: round(plant.usable),
    volts: plant.volts,
    chemistry: plant.chemistry,
    sunWatts: plant.sunWatts,
    roofM2: round(plant.roofM2),
    sunInShade: round(shaded),
    sunTiltDeg: round(tiltDeg),
    roofRoomM2: round(roofRoomM2),
    engineAmps: plant.engineAmps,
    mainsAmps: round(plant.mainsAmps),
    inverterWatts: plant.inverterWatts,
  },
  livedDays,
  darkDays: darkDays.map((day) => ({ day: day + 1, on: sayDay(day) })),
  darkDaysByMonth: darkByMonth(darkDays),
  darkHours,
  emptyHours,
  emptyDaysAway,
  lowestCharge: round(lowest),
  cycles: round(cycles),
  ...(firstFail === undefined
    ? {}
    : { firstFail: { ...firstFail, day: firstFail.day + 1, on: sayDay(firstFail.day) } }),
  whADay: Object.fromEntries(Object.entries(perDay).map(([key, value]) => [key, round(value)])),
  chargeByDay: band.map(([least, most]) => [round(least), round(most)]),
  ...(gaps === undefined ? {} : { daysNotMeasured: gaps }),
})

const circuitsOf = (wiring: Wiring, names: Names) => ({
  missing: wiring.missing,
  wires: wiring.wires.map((wire, index) => {
    const { id, what, source, serves, volts, amps, startA, surgeA, route, sized, wants, isChosen, faults } = wire
    return {
      no: index + 1,
      id,
      what,
      name: sayWire(wire, names).circuit,
      from: source,
      serves,
      volts,
      amps: round(amps),
      startA: round(startA),
      surgeA: round(surgeA),
      with: wants,
      isChosen,
      faults,
      ...(route === undefined
        ? {}
        : { wayMm: round(route.lengthMm), points: route.points.map((at) => at.map(Math.round)) }),
      ...(sized === undefined
        ? {}
        : {
            fuseA: sized.fuseA,
            mm2: sized.conductor.mm2,
            awg: awgFor(sized.conductor.mm2),
            dropV: round(sized.dropV),
            because: sized.because,
          }),
    }
  }),
  toBuy: shoppingOf(wiring),
})

const setOf = ({ school, set, darkDays, kg, roofM2, price }: Found) => ({
  school,
  name: SCHOOL_WORDS[school],
  batteryWh: set.capacityWh,
  sunWatts: set.sunWatts,
  engineAmps: set.engineAmps,
  darkDays,
  moreKg: round(kg),
  roofM2: round(roofM2),
  morePrice: round(price),
})
