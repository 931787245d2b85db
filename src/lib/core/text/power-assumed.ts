import type { PowerAssumedKey } from '../job'

/** What is assumed of power, by its key. A module of its own: the history of a job says it, on pages that know nothing else of power. */
export const POWER_ASSUMED_WORDS: Readonly<Record<PowerAssumedKey, string>> = {
  darkDays: 'dark days a year, at most',
  keptBackPercent: 'kept back for what is vital',
  sunPercent: 'of a panel’s watts arrives',
  setOutWatts: 'of panels set out on a cable',
  agePercent: 'of its capacity, some years old',
  inverterPercent: 'of what the inverter takes comes out',
  dropPercent: 'of the volts lost on a wire, at most',
  lightDropPercent: 'on that of lights and sockets',
  pricePerWh: 'a battery, for a Wh',
  pricePerPanelW: 'a panel, for a W',
  pricePerChargerA: 'a charger, for an A',
}
