import { airReport, warmthReport, type AirReport } from '$lib/core/budgets'
import type { Job } from '$lib/core/job'
import {
  AIR_STATE_WORDS,
  DAMP_WORDS,
  LOSS_WORDS,
  namesOf,
  sayAir,
  sayAirRange,
  sayClosedBed,
  sayWarmthUnsaid,
  sayCutOff,
  sayDamp,
  sayFans,
  sayMorning,
  sayNoise,
  sayParked,
  saySpeeds,
  saySummer,
  sayWarmth,
  sayWarmthStep,
  spaceName,
  whyLoss,
} from '$lib/core/text'
import type { Query, Reply } from './reply'
import { finite, repliedByVariant, round } from './variants-asked'

function climateOf(job: Job, variantId: string): object {
  const names = namesOf(job, job.variants[variantId]!.plan)
  const warmth = warmthReport(job, variantId)
  const air = airReport(job, variantId)
  return {
    warmth: {
      words: [
        sayWarmth(warmth),
        sayWarmthUnsaid(warmth),
        sayDamp(warmth),
        sayClosedBed(warmth, (id) => names.the(id)),
      ].filter((words) => words !== undefined),
      coldestC: warmth.coldestC,
      losesWK: round(warmth.losses.totalWK),
      losesWKBetween: [round(warmth.losses.lowWK), round(warmth.losses.highWK)],
      neededW: Math.round(warmth.neededW[0]),
      neededWBetween: [Math.round(warmth.neededW[1]), Math.round(warmth.neededW[2])],
      notSaid: warmth.unsaid,
      heaterW: Math.round(warmth.heaterW),
      warmUpMin: finite(warmth.warmUpMin),
      nightKwh: round(warmth.nightKwh),
      nightL: round(warmth.nightL),
      nightWh: Math.round(warmth.nightWh),
      yearKwh: Math.round(warmth.yearKwh),
      losses: warmth.losses.losses.map((loss) => ({
        what: loss.what,
        name: LOSS_WORDS[loss.what],
        m2: round(loss.m2),
        uValue: round(loss.uValue),
        wattsPerKelvin: round(loss.wk),
        isAssumed: loss.isAssumed,
        why: whyLoss(loss, warmth),
      })),
      steps: warmth.steps.map((step) => ({
        what: step.what,
        savesW: Math.round(step.savesW),
        savesKwh: Math.round(step.savesKwh),
        words: sayWarmthStep(step),
      })),
      hours: warmth.hours.map(({ insideC, heatW, dewC, paneC }) => ({
        insideC: round(insideC),
        heatW: Math.round(heatW),
        dewC: round(dewC),
        ...(paneC === undefined ? {} : { paneC: round(paneC) }),
      })),
    },
    damp: {
      vapourGH: warmth.vapourGH,
      humidity: round(warmth.humidity),
      dewPointC: round(warmth.dewC),
      faces: warmth.damp.map(({ at, c, isWet, dryChanges }) => ({
        at,
        name: DAMP_WORDS[at],
        c: round(c),
        isWet,
        dryFromAirChanges: finite(dryChanges),
        wetHoursAYear: warmth.winter.wet[at],
      })),
      heatedHoursAYear: warmth.winter.hours,
    },
    air: {
      words: [
        sayAir(air),
        sayAirRange(air),
        sayMorning(air),
        saySummer(air),
        ...sayFans(air),
        saySpeeds(air),
        sayParked(air),
      ].filter((words) => words !== undefined),
      volumeM3: round(air.volumeM3),
      freshM3H: Object.fromEntries(Object.entries(air.fresh).map(([state, m3h]) => [state, round(m3h)])),
      states: AIR_STATE_WORDS,
      freshM3HRange: { most: air.freshRange.most.map(round), shut: air.freshRange.shut.map(round) },
      openings: air.places.map(({ id, what, m2, outM3H }) => ({ id, what, freeM2: round(m2), outM3H: round(outM3H) })),
      passed: air.passed.map((one) => ({ ...one, speed: round(one.speed) })),
      spaces: air.spaces.map((space) => ({
        id: space.id,
        name: spaceName(space),
        m3: round(space.volumeM3),
        sleepers: space.sleepers,
        comesInM3H: Object.fromEntries(Object.entries(space.into).map(([state, m3h]) => [state, round(m3h)])),
      })),
      cutOff: air.cutOff.map((cut) => ({
        by: cut.id,
        shutM3H: round(cut.shutM3H),
        openM3H: round(cut.openM3H),
        words: sayCutOff(cut, (id) => names.the(id)),
      })),
      wind: air.wind,
      isShortCut: air.isShortCut,
      co2Ppm: Object.fromEntries(Object.entries(air.co2).map(([state, ppm]) => [state, Math.round(ppm)])),
      noise: air.noise.map((one) => ({ ...one, db: round(one.db), words: sayNoise(one, (id) => names.the(id)) })),
      summer: summerOf(air),
    },
  }
}

/** The hottest day, its figures rounded. */
const summerOf = ({ summer }: AirReport): object =>
  Object.fromEntries(
    Object.entries<boolean | number | readonly number[]>({ ...summer }).map(([key, value]) => [
      key,
      typeof value === 'boolean' ? value : typeof value === 'number' ? round(value) : value.map(round),
    ]),
  )

/** How warm, dry, airy and quiet each variant is. */
export const climateReply = (bytes: Uint8Array, query: Query): Reply => repliedByVariant(bytes, query, climateOf)
