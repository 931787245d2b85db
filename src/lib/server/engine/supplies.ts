import { fuelReport, waterReport } from '$lib/core/budgets'
import type { Job } from '$lib/core/job'
import {
  namesOf,
  sayBurner,
  sayFuel,
  sayFuelUnsaid,
  sayGasRun,
  sayGasVent,
  sayLeakTest,
  sayLever,
  sayPurpose,
  sayTankName,
  sayWarm,
  sayWater,
  sayWaterLean,
  sayWaterRange,
  sayWaterRun,
  sayWaterSum,
  sayWaterYear,
  tankFor,
  whyBurner,
} from '$lib/core/text'
import type { Query, Reply } from './reply'
import { finite, repliedByVariant, round } from './variants-asked'

function waterOf(job: Job, variantId: string): object {
  const report = waterReport(job, variantId)
  const names = namesOf(job, job.variants[variantId]!.plan)
  const { use, fresh, waste, warm, lines } = report
  const more = [sayWaterRange(report), sayWaterYear(report), sayWaterLean(report)].filter(
    (words) => words !== undefined,
  )
  return {
    words: [
      sayWater(report),
      sayWaterSum(use, { litres: report.freshL, drinkingL: report.drinkingL }, report.nights),
      ...more,
    ],
    uses: use.lines.map(({ purpose, litres, wasteL, warmL }) => ({
      for: purpose,
      words: sayPurpose(purpose),
      litresADay: round(litres),
      toWasteL: round(wasteL),
      warmL: round(warmL),
    })),
    litresADay: round(use.nightL),
    freshL: round(report.freshL),
    drinkingL: round(report.drinkingL),
    wasteL: round(report.wasteL),
    nightsUntilDry: finite(report.nights),
    daysUntilWasteFull: finite(report.wasteNights),
    first: report.first,
    nightsAsked: report.asked,
    nightsBetween: report.nightsRange.map((nights) => finite(nights) ?? null),
    notSaid: report.unsaid,
    filledEvery: report.filledEvery,
    year: report.year,
    tanks: [
      ...fresh.map((tank) => ({ tank, for: tankFor(tank) })),
      ...waste.map((tank) => ({ tank, for: 'waste' })),
    ].map(({ tank, for: what }) => ({
      id: tank.id,
      name: sayTankName(tank, names),
      for: what,
      litres: round(tank.litres),
      joined: tank.joined,
      tanks: tank.vessels.map(({ id }) => id),
      lostL: round(tank.lostL),
      isCarried: tank.isCarried,
      isCleaned: tank.isCleaned,
      isOutside: tank.isOutside,
      isLagged: tank.isLagged,
      nightsOfFrost: tank.frostNights,
      nightsAsCold: tank.coldNights,
      ...(tank.overGroundMm === undefined ? {} : { overGroundMm: Math.round(tank.overGroundMm) }),
    })),
    warm: warm.map((one) => ({
      id: one.id,
      litres: one.litres,
      litresAtTap: round(one.atTapL),
      kWh: round(one.kWh),
      words: sayWarm(one),
    })),
    days: report.days.map((day) => ({
      fresh: day.fresh.map(round),
      drinking: day.drinking.map(round),
      wasteL: round(day.wasteL),
      usedL: round(day.usedL),
      missedL: round(day.missedL),
      overL: round(day.overL),
      frontKg: round(day.frontKg),
      rearKg: round(day.rearKg),
      ...(day.leftKg === undefined ? {} : { moreOnTheLeftKg: round(day.leftKg) }),
      tanks: Object.fromEntries(Object.entries(day.tanks).map(([entry, full]) => [entry, round(full)])),
    })),
    levers: report.levers.map((lever) => ({
      what: lever.what,
      byL: round(lever.byL),
      gainsNights: round(lever.gainsNights),
      words: sayLever(lever),
    })),
    lines: lines.runs.map((run) => ({
      what: run.what,
      from: run.from,
      to: run.to,
      lengthMm: Math.round(run.lengthMm),
      ...(run.fallMm === undefined ? {} : { fallMm: Math.round(run.fallMm) }),
      ...(run.fallPerM === undefined || !Number.isFinite(run.fallPerM) ? {} : { fallMmPerM: round(run.fallPerM) }),
      points: run.points.map((at) => at.map(Math.round)),
      words: sayWaterRun(run, names),
    })),
    drains: lines.drains.map(({ id, at }) => ({ id, at: at.map(Math.round) })),
    toBuy: { hose: lines.toBuy, tees: lines.tees, drainCocks: lines.drains.length },
  }
}

function gasOf(job: Job, variantId: string): object {
  const report = fuelReport(job, variantId)
  const names = namesOf(job, job.variants[variantId]!.plan)
  return {
    words: [
      sayFuel(report),
      sayFuelUnsaid(report),
      report.lines.runs.length === 0 ? undefined : sayLeakTest(report.lines),
    ].filter((words) => words !== undefined),
    gasKg: round(report.gasKg),
    gasKgAYear: round(report.gasKgAYear),
    fillingsAYear: round(report.gasFillings),
    nightsByMonth: report.gasNights.map((nights) => finite(nights) ?? null),
    dieselANightByMonth: report.dieselANight.map(round),
    dieselAYear: round(report.dieselAYear),
    nightsAboardByMonth: report.livedByMonth,
    pipes: report.lines.runs.map((run) => ({
      from: run.from,
      to: run.to,
      lengthMm: Math.round(run.lengthMm),
      points: run.points.map((at) => at.map(Math.round)),
      words: sayGasRun(run, names),
    })),
    vents: report.lines.vents.map((vent) => ({ ...vent, words: sayGasVent(vent, names) })),
    toBuy: { pipeM: report.lines.toBuyM, joints: report.lines.joints },
    burners: report.burners.map((burner) => ({
      id: burner.id,
      fitting: burner.fittingId,
      name: sayBurner(burner, names),
      fuel: burner.fuel,
      burns: burner.burns,
      watts: burner.watts,
      hoursADay: finite(burner.hoursADay),
      kWhADay: round(burner.kWhADay),
      why: whyBurner(burner, report),
    })),
  }
}

/** How long the water of each variant lasts: uses, tanks, days, levers and lines. */
export const waterReply = (bytes: Uint8Array, query: Query): Reply => repliedByVariant(bytes, query, waterOf)
/** How long the gas of each variant lasts, and what its heaters burn of diesel. */
export const gasReply = (bytes: Uint8Array, query: Query): Reply => repliedByVariant(bytes, query, gasOf)
