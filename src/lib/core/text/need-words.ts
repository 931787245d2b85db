import type { Need } from '../brief'
import type { Counted } from './grammar'

/** What a need is called within a sentence: “no berth”, “two desks”. */
export const NEED_FINDING_WORDS: Record<Need, Counted> = {
  berth: { one: 'berth', many: 'berths' },
  belt: { one: 'belted seat', many: 'belted seats' },
  'table-seat': { one: 'place at the table', many: 'places at the table' },
  toilet: { one: 'toilet', many: 'toilets' },
  shower: { one: 'shower', many: 'showers' },
  hob: { one: 'galley with a hob', many: 'galleys with a hob' },
  'cold-box': { one: 'fridge', many: 'fridges' },
  desk: { one: 'desk', many: 'desks' },
  stowage: { one: 'place for gear', many: 'places for gear' },
  water: { one: 'water tank', many: 'water tanks' },
  seat: { one: 'seat inside', many: 'seats inside' },
  basin: { one: 'sink', many: 'sinks' },
  cot: { one: 'cot', many: 'cots' },
  'pet-place': { one: 'place for the pet', many: 'places for pets' },
  'wheelchair-place': { one: 'wheelchair place', many: 'wheelchair places' },
  'turning-circle': { one: 'room to turn', many: 'places to turn' },
  bedside: { one: 'bedside shelf', many: 'bedside shelves' },
  heater: { one: 'heater', many: 'heaters' },
  'outside-store': { one: 'place for gear outside', many: 'places for gear outside' },
}
