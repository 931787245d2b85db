import type { Brief } from '../../src/lib/core/brief'
import { defaultsOf, kindOf, KINDS, type Seat } from '../../src/lib/core/fittings'
import { newBrief, newJob, type Fitting, type Job, type Mode } from '../../src/lib/core/job'
import { genericShell } from '../../src/lib/core/shells'
import { randomFrom } from './random-plans'

const ids = (count: number, name: string) => Array.from({ length: count }, (_, index) => `${name}-${index}`)
const each = <T>(count: number, name: string, make: (index: number) => T): Record<string, T> =>
  Object.fromEntries(ids(count, name).map((id, index) => [id, make(index)]))

/** Pieces of gear of sizes that all differ, or that are all alike. */
export const gearOf = (entries: number, count: number, alike: boolean, seed = 1): NonNullable<Brief['gear']> => {
  const random = randomFrom(seed)
  const size = (most: number) => Math.round(60 + random() * most)
  return each(entries, 'gear', (index) => ({
    label: `Piece ${index}`,
    sizeMm: alike ? [400, 300, 200] : [size(900), size(500), size(400)],
    count,
  })) as NonNullable<Brief['gear']>
}

/** Pieces longer than most vehicles, each of a section of its own. */
export const longGear = (entries: number): NonNullable<Brief['gear']> => {
  const random = randomFrom(2)
  const size = (least: number, more: number) => Math.round(least + random() * more)
  return each(entries, 'gear', (index) => ({
    label: `Pole ${index}`,
    sizeMm: [size(2500, 1500), size(100, 200), size(50, 100)],
    count: 1,
  })) as NonNullable<Brief['gear']>
}

/** As many people, pets, pieces and demands as a brief may hold, all of them different. */
export const crowd = (): Partial<Brief> =>
  ({
    derives: true,
    people: each(60, 'person', (index) => ({
      label: `Person ${index}`,
      age: 'adult',
      statureMm: 1600 + 5 * index,
      sleeps: true,
      travels: true,
    })),
    pets: each(60, 'pet', (index) => ({ label: `Dog ${index}`, lengthMm: 900, heightMm: 400 + index })),
    gear: gearOf(400, 5, false),
    demands: each(200, 'demand', (index) => ({
      need: 'stowage',
      label: `Box ${index}`,
      sizeMm: [300 + index, 300, 200 + index],
      must: true,
    })),
  }) as unknown as Partial<Brief>

/** A plan of so many fittings in so many modes and variants, of every kind by turns, anywhere in the body. */
export function plansOf(
  fittings: number,
  modes: number,
  variants: number,
  shellId = 'bus-12m',
  brief: Partial<Brief> = {},
): Job {
  const random = randomFrom(3)
  const shell = genericShell(shellId)
  const job = newJob('job-worst', 'Worst', shell, { ...newBrief(), ...brief })
  const plan = Object.values(job.variants)[0]!.plan
  const PURPOSES = ['driving', 'living', 'sleeping'] as const
  const all = each(fittings, 'fit', (index): Fitting => {
    const kind = KINDS[index % KINDS.length]!
    const seat: Seat = {
      ...kind.home,
      along: { from: 'rear', mm: Math.round(random() * shell.bulkhead.xMm) },
      turn: ([0, 90, 180, 270] as const)[Math.floor(random() * 4)]!,
    }
    return { kind: kind.id, parameters: defaultsOf(kindOf(kind.id)), seat }
  })
  return {
    ...job,
    variants: each(variants, 'variant', (index) => ({
      name: `Variant ${index}`,
      order: index,
      plan: {
        ...plan,
        fittings: all,
        modes: each(modes, 'mode', (n): Mode => ({
          name: `Mode ${n}`,
          purpose: PURPOSES[n % PURPOSES.length]!,
          order: n,
          stances: {},
        })),
      },
    })),
  }
}
