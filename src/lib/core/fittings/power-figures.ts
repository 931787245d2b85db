import type { Chemistry } from './facts'

/** What a battery weighs for each watt-hour, kg, its case and strap by themselves. Common practice, no source. */
export const BATTERY_KG_PER_WH: Readonly<Record<Chemistry, number>> = { lithium: 0.009, lead: 0.025, sealed: 0.027 }
/** Of a case, with its strap. Common practice, no source. */
export const BATTERY_CASE_KG = 2
/** A panel’s weight on the square metre with its frame, or stuck on, kg. Common practice, no source. */
export const PANEL_KG_M2 = { framed: 11, glued: 3 } as const
/** A panel gives so much under a full sun on the square metre, W: cells of a fifth, and their frame. Common practice, no source. */
export const PANEL_W_M2 = 190
/** A charger’s weight for each ampere, kg. Common practice, no source. */
export const CHARGER_KG_PER_A = 0.04
