import type { Cure, Found, Load, LoadRow, PowerReport, School, Taking } from '../budgets'
import { PANEL_W_M2, type Chemistry } from '../fittings'
import type { Job, PowerAssumedKey } from '../job'
import { MONTH_OF, DAY_IN_MONTH, type ClimateId, type WeatherFault } from '../sky'
import { formatNumber } from '../units'
import { capital, count, list, person, small } from './grammar'
import type { Names } from './names'

export const POWER_ASSUMED_UNITS: Readonly<Record<PowerAssumedKey, '' | '%' | 'W'>> = {
  darkDays: '',
  keptBackPercent: '%',
  sunPercent: '%',
  setOutWatts: 'W',
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
  keptBackPercent: `What is left in the battery for heat, alarms and a machine at the bedside when all else is shed; cooking and screens stop half as much before. ${USUAL}`,
  sunPercent: `Heat, dirt, wires and the controller take the rest of what a panel gives in the laboratory. ${USUAL}`,
  setOutWatts: `Panels on the ground, leaning 40° towards the noon sun, wherever somebody is aboard and the engine is off. They are carried as gear. ${USUAL}`,
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
  'least-roof': 'least roof',
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
      return `${cure.watts} W ${cure.isMore ? 'more ' : ''}of sun`
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

/** That nothing charges the battery, where that is why it fails. */
function sayUncharged({
  plant: { sunWatts, engineAmps, mainsAmps },
  assumed: { setOutWatts },
  perDay: { sun, engine, mains },
}: PowerReport): string {
  if (sunWatts === 0 && engineAmps === 0 && mainsAmps === 0 && setOutWatts === 0)
    return 'Nothing in this plan charges the battery. '
  return sun + engine + mains > 0 ? '' : 'What charges the battery has neither sun, drive nor hook-up all year. '
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
  const uncharged = sayUncharged(report)
  const said = cures.map((cure) => sayCure(cure, job, names))
  if (said.length === 0) return `${uncharged}${fails} No one thing alone cures it.`
  return `${uncharged}${fails} ${capital(list(said, 'or'))} ${said.length === 1 ? 'cures' : 'would cure'} it.`
}

/** How the year goes, in a word or two. */
export const sayPowerShort = ({ plant, darkDays, livedDays }: PowerReport): string =>
  plant.capacityWh === 0 || livedDays === 0 ? '–' : darkDays.length === 0 ? 'holds' : `${darkDays.length} dark`

/** How many dark days there are, of how many that are lived in, and what was asked; of a plan without a battery what a day asks for. */
export function sayDark(
  {
    darkDays,
    livedDays,
    assumed,
    darkHours,
    emptyHours,
    emptyDaysAway,
    rows,
    perDay,
    between,
    gaps,
    frozenDays,
    plant,
  }: PowerReport,
  job: Job,
  names: Names,
): string {
  const days = count(darkDays.length, { one: 'dark day', many: 'dark days' })
  const hours = darkHours === 0 ? '' : `, ${count(darkHours, { one: 'hour', many: 'hours' })} in all`
  const asked = assumed.darkDays === 0 ? 'none' : formatNumber(assumed.darkDays)
  if (plant.capacityWh === 0)
    return rows.length === 0
      ? ''
      : `What draws asks for ${formatNumber(Math.round(perDay.wants))} Wh on a mean day aboard.`
  const hasVital = rows.some(({ load }) => load.sheds === 'vital')
  return [
    `${capital(days)} in a year of ${count(livedDays, { one: 'night', many: 'nights' })} aboard${hours}; at most ${asked} ${assumed.darkDays === 1 ? 'was' : 'were'} asked for.`,
    ...(hasVital
      ? [
          `What is vital (heat, alarms, a machine at the bedside) ${
            emptyHours === 0
              ? 'never goes.'
              : `goes last, with nothing left: for ${count(emptyHours, { one: 'hour', many: 'hours' })} of the year.`
          }`,
        ]
      : []),
    ...(emptyDaysAway === 0
      ? []
      : [
          `With nobody aboard it is empty on ${count(emptyDaysAway, { one: 'day', many: 'days' })}, for ${list(rows.filter(({ load }) => load.isAlways).map(({ load }) => theLoad(load, job, names)))}: switch off what need not run, or leave it at a hook-up.`,
        ]),
    ...(between === undefined
      ? []
      : [
          between[0] === between[1]
            ? `The ${count(gaps ?? 0, { one: 'day', many: 'days' })} that nobody measured do not change that.`
            : `With the ${count(gaps ?? 0, { one: 'day', many: 'days' })} that nobody measured half as bright as usual, or half as bright again, ${between[0]} to ${count(between[1], { one: 'dark day', many: 'dark days' })}.`,
        ]),
    ...(frozenDays === 0
      ? []
      : [
          `On ${count(frozenDays, { one: 'day', many: 'days' })} the battery is too cold to be charged: lithium takes nothing below freezing${plant.isOut ? ', and it stands outside' : ' when nobody heats'}.`,
        ]),
  ].join(' ')
}

const SHED_WORDS: Readonly<Record<Load['sheds'], string>> = {
  vital: 'It is never shed while anything is left.',
  needed: 'It is shed last.',
  wanted: 'It is shed before what keeps food and water going.',
  first: 'It is the first to be shed.',
}
const BY_WEATHER: ReadonlySet<string> = new Set(['cold', 'heating', 'cooling', 'airing', 'lit'])

/** Why a load takes what it takes. */
export const whyLoad = ({ load, hoursADay, whADay, hasNoInverter }: LoadRow): readonly string[] => [
  `${formatNumber(load.watts, 1)} W for ${formatNumber(hoursADay, 1)} h on a mean day aboard${load.from === 'mains' && !hasNoInverter ? ', through the inverter' : ''}: ${formatNumber(Math.round(whADay))} Wh.`,
  load.isSet
    ? 'Its hours were set here.'
    : BY_WEATHER.has(load.key)
      ? `How long it runs follows from the weather, hour by hour${load.key === 'heating' || load.key === 'cooling' ? ', and from what the body loses as the page Warmth has it' : ''}; the watts are typical of the kind. Common practice, no source.`
      : 'Its hours follow from the brief; the watts are typical of the kind. Common practice, no source.',
  SHED_WORDS[load.sheds],
  ...(hasNoInverter
    ? ['It needs mains voltage and there is no inverter: it runs at a hook-up only.']
    : load.onlyHookUp
      ? ['It waits for a hook-up.']
      : []),
]

/** How the year was run. */
export function whyYear({ plant, assumed, perDay, lowest, keptAt, cycles, gaps }: PowerReport): readonly string[] {
  const kilo = (wh: number): string => formatNumber(wh / 1000, 2)
  return [
    `8 760 hours, one after the other: sun, engine and hook-up come in, what draws goes out, the rest goes into the battery or comes from it.`,
    `The battery: ${formatNumber(plant.capacityWh)} Wh by its name, ${assumed.agePercent}% of that when some years old, ${formatNumber(Math.round(100 * plant.usable))}% of it to be drawn. Below ${formatNumber(Math.round(100 * keptAt))}% all but the vital is shed. The lowest was ${formatNumber(Math.round(100 * lowest))}%, and ${formatNumber(Math.round(cycles))} whole charges went through it.`,
    `On a mean day aboard ${kilo(perDay.wants)} kWh are wanted; ${kilo(perDay.sun)} come from the sun, ${kilo(perDay.engine)} from driving, ${kilo(perDay.mains + perDay.direct)} from hook-ups; ${kilo(perDay.wasted)} of sun find no room.`,
    gaps === undefined
      ? 'Sun and warmth are typical of the climate: beam and sky by Liu and Jordan, days by their clearness, as Duffie and Beckman give them, as remembered.'
      : 'Sun and warmth are as they were measured, and typical where they were not.',
  ]
}

/** Where the room for panels comes from. */
export const ROOF_ROOM_WHY: readonly string[] = [
  `Four fifths of the roof between its rounded edges, less what stands on it and what goes through it, at ${formatNumber(PANEL_W_M2)} W on the square metre. Common practice, no source.`,
]

/** Why the panels on the roof get less than ones that lie level and free do. */
export const SUN_WHY: readonly string[] = [
  'Shade: what stands higher on the roof, the sun tried from sixteen sides at each height; a shadow on a part of a panel costs twice that part. Its share of the year’s sun. Common practice, no source.',
  'From level: how the roof rises between the edges of each panel, by their watts; turned any way, the mean of all. Liu and Jordan’s isotropic sky (Duffie & Beckman 2.15, from memory).',
]

/** Why a set weighs and costs what it does. */
export function whySet(
  { set, kg, price, roofM2 }: Found,
  drawn: Found['set'],
  assumed: PowerReport['assumed'],
  volts: number,
): readonly string[] {
  const of = ({ capacityWh, sunWatts, engineAmps }: Found['set']): string =>
    `${formatNumber(capacityWh)} Wh × ${formatNumber(assumed.pricePerWh, 2)} + ${formatNumber(sunWatts)} W × ${formatNumber(assumed.pricePerPanelW, 2)} + ${formatNumber(engineAmps)} A × ${formatNumber(assumed.pricePerChargerA, 2)}`
  return [
    `${saySizes(set, volts).join(', ')}: run through the year, it holds what was asked.`,
    `Price: ${of(set)}, less what is drawn, ${of(drawn)}: ${formatNumber(Math.round(price))}. Prices are typical of 2026, and yours to set.`,
    `Weight, less what is drawn: ${formatNumber(Math.round(kg))} kg; panels of ${formatNumber(PANEL_W_M2)} W on the square metre take ${formatNumber(roofM2, 1)} m². Common practice, no source.`,
  ]
}

/** The sizes of a battery, panels and a charger. */
export const saySizes = (set: Found['set'], volts: number): readonly [battery: string, sun: string, engine: string] => [
  set.capacityWh === 0 ? 'none' : sayAmpHours(set.capacityWh, volts),
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
