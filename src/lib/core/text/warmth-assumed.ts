import type { WarmthAssumedKey } from '../job'

/** What is assumed of warmth, by its key. A module of its own: the history of a job says it, on pages that know nothing else of warmth. */
export const WARMTH_ASSUMED_WORDS: Readonly<Record<WarmthAssumedKey, string>> = {
  heatedC: 'kept at while up',
  nightC: 'kept at in bed',
  bridgePercent: 'more for ribs and battens',
  bareRibM2: 'ribs left bare',
  airChanges: 'air changes an hour',
  cabPercent: 'of an open cab’s loss',
  coveredPercent: 'of the windows covered',
  outsidePercent: 'as damp outside',
  cabAirCm2: 'cab windows open',
  windMs: 'wind',
  windDeg: 'wind comes from',
  parkedDeg: 'front points to',
  pricePerL: 'diesel, a litre',
}
