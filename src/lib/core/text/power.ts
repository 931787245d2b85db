import type { Cure, Found, Load, PowerReport, School, Taking } from '../budgets'
import type { Chemistry } from '../fittings'
import type { Job, PowerAssumedKey } from '../job'
import { MONTH_OF, DAY_IN_MONTH, type ClimateId, type WeatherFault } from '../sky'
import { formatNumber } from '../units'
import { capital, count, list, person, small } from './grammar'
import type { Names } from './names'

export const POWER_ASSUMED_UNITS: Readonly<Record<PowerAssumedKey, '' | '%'>> = {
  darkDays: '',
  keptBackPercent: '%',
  sunPercent: '%',
  agePercent: '%',
  inverterPercent: '%',
  dropPercent: '%',
  lightDropPercent: '%',
  pricePerWh: '',
  pricePerPanelW: '',
  pricePerChargerA: '',
}

const USUAL = 'Common practice, no source; set it to yours.'
export const POWER_ASSUMED_BASIS: Readonly<Record<PowerAssumedKey, string>> = {
  darkDays: 'What the client allows: days of a year on which something may be shed. Ask them.',
  keptBackPercent: `What is left in the battery for heat, alarms and a machine at the bedside when all else is shed. ${USUAL}`,
  sunPercent: `Heat, dirt, wires and the controller take the rest of what a panel gives in the laboratory. ${USUAL}`,
  agePercent: `Batteries lose capacity; the year is run with one that is some years old. ${USUAL}`,
  inverterPercent: `What comes out as mains voltage of what the inverter takes. ${USUAL}`,
  dropPercent: `What is lost on the way is missing at the pump, the fridge and the inverter; in a surge twice that is borne. ${USUAL}`,
  lightDropPercent: `A lamp bears a little more. ${USUAL}`,
  pricePerWh: `In the client’s money, typical of 2026 for lithium. ${USUAL}`,
  pricePerPanelW: `In the client’s money, typical of 2026, with brackets and cable. ${USUAL}`,
  pricePerChargerA: `In the client’s money, typical of 2026. ${USUAL}`,
}
export const sayChemistry = (chemistry: Chemistry): string =>
  ({ lithium: 'lithium', lead: 'lead', sealed: 'sealed lead' })[chemistry]

export const CLIMATE_WORDS: Readonly<Record<ClimateId, string>> = {
  desert: 'desert',
  'dry-summers': 'dry summers',
  'grey-coast': 'grey coast',
  'wet-summers': 'wet summers',
  mountain: 'mountains',
  'cold-inland': 'cold inland',
  'warm-and-wet': 'warm and wet',
  tropics: 'tropics',
  'dark-north': 'dark north',
}

export const SCHOOL_WORDS: Readonly<Record<School, string>> = {
  cheapest: 'cheapest',
  lightest: 'lightest',
  'smallest-battery': 'smallest battery',
  'roof-free': 'roof free',
  sun: 'by sun alone',
  'hook-up': 'hook-up only',
}

const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
] as const
export const monthName = (month: number): string => MONTHS[month] ?? ''
const monthOf = (day: number): string => monthName(MONTH_OF[day] ?? 0)
/** “8 December”, of a day of the year from 0. */
export const sayDay = (day: number): string => `${(DAY_IN_MONTH[day] ?? 0) + 1} ${monthOf(day)}`

export const sayAmpHours = (wattHours: number, volts: number): string =>
  `${formatNumber(Math.round(wattHours / volts))} Ah`
export const sayLatitude = (latitudeDeg: number): string =>
  `${formatNumber(Math.abs(latitudeDeg), 0)}° ${latitudeDeg < 0 ? 'S' : 'N'}`

/** What draws, by the name that it has in the plan or the brief. */
export function sayLoad({ source, key, isWaiting }: Load, job: Job, names: Names): string {
  const whose = capital(job.brief.people[source.id]?.label ?? 'someone')
  switch (source.kind) {
    case 'fitting': {
      const name = capital(names.fitting(source.id))
      return isWaiting ? `${name}, waiting` : name
    }
    case 'person':
      return key === 'phones'
        ? `${whose}’s phone and small things`
        : key === 'bedside'
          ? `${whose}’s machine at the bedside`
          : key === 'desk'
            ? `${whose}’s desk`
            : `${whose}’s laptop`
    case 'gear':
      return `Charging: ${small(job.brief.gear?.[source.id]?.label ?? 'gear')}`
    case 'extra':
      return job.power?.extras?.[source.id]?.label ?? 'Something else'
    case 'plan':
      return key === 'pump' ? 'Water pump' : 'Inverter, waiting'
  }
}

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh'] as const

/** What would cure it, in a few words. */
export function sayCure(cure: Cure, job: Job, names: Names): string {
  switch (cure.what) {
    case 'battery':
      return `${cure.ampHours} Ah more`
    case 'sun':
      return `${cure.watts} W more of sun`
    case 'engine':
      return `a ${cure.amps} A charger for the drive`
    case 'without':
      return cure.load.key === 'cooking' && cure.load.from === 'mains'
        ? 'a gas hob'
        : `doing without ${theLoad(cure.load, job, names)} off a hook-up`
  }
}

/** A load in the middle of a sentence. */
function theLoad(load: Load, job: Job, names: Names): string {
  const said = sayLoad(load, job, names)
  switch (load.source.kind) {
    case 'fitting':
    case 'plan':
      return `the ${small(said)}`
    case 'person': {
      const label = job.brief.people[load.source.id]?.label ?? ''
      return said.replace(capital(label), person(label))
    }
    case 'gear':
      return said.replace(/^Charging: /, 'charging ')
    case 'extra':
      return said
  }
}

/** The answer in one sentence or two. */
export function sayPower(report: PowerReport, cures: readonly Cure[], job: Job, names: Names): string {
  const { rows, plant, darkDays, assumed, firstFail, lowest, livedDays } = report
  if (livedDays === 0) return 'Nobody sleeps aboard: say how many nights it is lived in.'
  if (rows.length === 0) return 'Nothing in this plan draws current yet.'
  if (plant.capacityWh === 0)
    return 'There is no battery in this plan: what draws has current from the engine, the sun or a hook-up only while they run.'
  if (darkDays.length === 0) {
    const day = report.band.reduce((least, [low], at) => (low < (report.band[least]?.[0] ?? 1) ? at : least), 0)
    return `It holds all year. The lowest is ${formatNumber(Math.round(lowest * 100))}%, in ${monthOf(day)}.`
  }
  const failed = rows.find(({ load }) => load.id === firstFail?.loadId)?.load
  const what = failed === undefined ? 'something' : theLoad(failed, job, names)
  const which = ORDINALS[(firstFail?.afterDays ?? 1) - 1]
  const when = monthOf(firstFail?.day ?? 0)
  const isSun = plant.sunWatts > 0
  const fails =
    which === undefined || firstFail === undefined
      ? `In ${when} ${what} goes.`
      : `On the ${which} ${isSun ? 'grey ' : ''}day in ${when} ${what} goes.`
  if (darkDays.length <= assumed.darkDays) return `It holds, as asked. ${fails}`
  const said = cures.map((cure) => sayCure(cure, job, names))
  if (said.length === 0) return `${fails} No one thing alone cures it.`
  return `${fails} ${capital(list(said, 'or'))} ${said.length === 1 ? 'cures' : 'would cure'} it.`
}

/** How the year goes, in a word or two. */
export const sayPowerShort = ({ plant, darkDays, livedDays }: PowerReport): string =>
  plant.capacityWh === 0 || livedDays === 0 ? '–' : darkDays.length === 0 ? 'holds' : `${darkDays.length} dark`

/** How many dark days there are, of how many that are lived in, and what was asked. */
export function sayDark({ darkDays, livedDays, assumed, darkHours }: PowerReport): string {
  const days = count(darkDays.length, { one: 'dark day', many: 'dark days' })
  const hours = darkHours === 0 ? '' : `, ${count(darkHours, { one: 'hour', many: 'hours' })} in all`
  const asked = assumed.darkDays === 0 ? 'none' : formatNumber(assumed.darkDays)
  return `${capital(days)} in a year of ${count(livedDays, { one: 'night', many: 'nights' })} aboard${hours}; at most ${asked} ${assumed.darkDays === 1 ? 'was' : 'were'} asked for. What is vital is never shed: heat, alarms, a machine at the bedside.`
}

/** A set of battery, panels and charger. */
export const saySet = ({ set }: Found, volts: number): readonly [battery: string, sun: string, engine: string] => [
  sayAmpHours(set.capacityWh, volts),
  set.sunWatts === 0 ? 'none' : `${formatNumber(set.sunWatts)} W`,
  set.engineAmps === 0 ? 'none' : `${formatNumber(set.engineAmps)} A`,
]

/** What has to be placed before a plan can have a set. */
export function sayFirst({ first, watts }: Extract<Taking, { ok: false }>): string {
  switch (first) {
    case 'battery':
      return 'place a battery first'
    case 'another-battery':
      return 'place another battery first'
    case 'panels':
      return `place ${formatNumber(Math.ceil(watts))} W more of panels first`
    case 'charger':
      return 'place a charger for the drive first'
  }
}

const COLUMN_WORDS: Readonly<Record<string, string>> = {
  sun_w_m2: 'sun, W/m²',
  sun_kwh_m2_day: 'sun, kWh/m² a day',
  outside_c: 'outside, °C',
  mean_c: 'mean, °C',
  swing_k: 'from coldest to warmest, K',
}
const column = (name: string): string => (COLUMN_WORDS[name] === undefined ? name : `${name} (${COLUMN_WORDS[name]})`)

/** A fault of a table of measured weather. */
export function sayWeatherFault(fault: WeatherFault): string {
  switch (fault.code) {
    case 'columns':
      return `Line 1: the head lacks ${list(fault.missing.map(column))}.`
    case 'no-figure':
      return `Line ${fault.line}: ${column(fault.column)} is no figure${fault.got === '' ? '' : `: “${fault.got}”`}.`
    case 'beyond':
      return `Line ${fault.line}: ${column(fault.column)} is ${fault.got}; it can be ${fault.least} to ${fault.most}.`
    case 'twice':
      return `Line ${fault.line}: this ${fault.hour === undefined ? 'month' : 'hour'} is there twice.`
    case 'empty':
      return 'There is nothing below the head.'
  }
}
