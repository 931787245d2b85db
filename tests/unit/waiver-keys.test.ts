import { readFileSync } from 'node:fs'
import path from 'node:path'
import { describe, expect, it } from 'vitest'
import { parseJobText } from '../../src/lib/core/job'
import { reviewVariant, withFollows } from '../../src/lib/core/review'

/** Variant, code and key of every finding of documents in `waiver-keys/`, as the program gave them before rules owned their keys. */
const KEYS = JSON.parse(readFileSync(path.join(import.meta.dirname, 'waiver-keys.json'), 'utf8')) as Record<
  string,
  readonly (readonly [variant: string, code: string, key: string])[]
>

/** Findings that were wrong, and why they are not made any more: what let them be is listed as ended. */
const ENDED: Readonly<Record<string, readonly string[]>> = {
  // a board’s width of worktop is enough beside the hob
  beekeepers: ['variant-a worktop-few worktop-free fit-kitchen '],
  // a lid lifts off beside a pillar; two steps to the cold box; one stands under the shower without shoes
  bookbinders: [
    'variant-a clearance-blocked clearance-free fit-chest over-lid',
    'variant-a cold-far cold-near fit-cold ',
    'variant-a standing-low standing-height fit-shower ',
  ],
  // one gets into the bed straight from the rear doors; a heater’s case does not warm a tank beside it
  'crane-counters': [
    'variant-a clearance-blocked clearance-free fit-bed entry',
    'variant-a heater-near heater-clear fit-heater fit-tank',
  ],
  // one sits up at the other end, or where the wall leans less; one kneels on less than 600 mm
  lighthouses: ['variant-a clearance-blocked clearance-free fit-basin kneel', 'variant-a sit-up-low sit-up fit-bed '],
  // a body in which nobody stands
  violin: ['variant-a standing-nowhere standing-height  '],
  orchard: ['variant-a standing-nowhere standing-height  '],
  // less off than anyone would say; a board’s width of worktop
  puppeteer: [
    'variant-a basin-off basin-height fit-room ',
    'variant-a worktop-few worktop-free fit-kitchen ',
    'variant-a worktop-off worktop-height fit-kitchen ',
  ],
  // crates are drawn out by the rear doors; a window less than two steps away takes the steam out
  // the nut of a wheel under the floor wants a hand’s room, not 600 mm; and as above
  seamstress: [
    'variant-a access-first service-access fit-bed spare-wheel wheel-spare',
    'variant-a clearance-blocked clearance-free fit-crates puller',
    'variant-a hob-airless air-hob fit-plate ',
    'variant-a sit-up-low sit-up fit-bed ',
  ],
  // the tank comes out through the hatch that is cut for it; heads are not at the wall’s edge; 72° is open; one cooks from a wheelchair
  'piano-tuner': [
    'variant-a access-blocked service-access fit-toilet toilet-tank fit-toilet',
    'variant-a clearance-blocked clearance-free fit-tray over-tray',
    'variant-a clearance-blocked clearance-free fit-wardrobe door',
    'variant-a worktop-off worktop-height fit-kitchen ',
  ],
}

describe('what was let be by an earlier program', () => {
  it.each(Object.entries(KEYS))('is let be in “%s” still: each finding has the key that it had', (name, rows) => {
    const read = parseJobText(
      readFileSync(path.join(import.meta.dirname, `waiver-keys/${name}.zimmerman.json`), 'utf8'),
    )
    if (!read.ok) throw new Error(`${name}: ${read.faults[0]!.message}`)
    const { job } = read
    const now = new Set(
      Object.keys(job.variants).flatMap((id) =>
        reviewVariant(job, id).modes.flatMap(({ findings }) =>
          withFollows(findings).map(({ code, key }) => `${id} ${code} ${key}`),
        ),
      ),
    )
    expect(rows.length).toBeGreaterThan(0)
    expect(rows.map((row) => row.join(' ')).filter((one) => !now.has(one))).toEqual(ENDED[name] ?? [])
  })
})
