import type { ServiceType } from '../fittings'
import type { FindingUnit } from './finding'

/** What the quantity of a service counts. */
export const SERVICE_UNITS: Readonly<Partial<Record<ServiceType, FindingUnit>>> = {
  tank: 'litres',
  waste: 'litres',
  'cold-box': 'litres',
  worktop: 'mm',
  power: 'Wh',
}
