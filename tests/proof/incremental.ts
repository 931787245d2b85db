import { apply, CommandError, variantsOf, type Command, type Job } from '../../src/lib/core/job'
import { kindOfMade, limitsOf, stancesOf, type ParameterValue } from '../../src/lib/core/fittings'
import { evaluate, type Evaluation } from '../../src/lib/core/review'
import { HeldJob, Teller } from '../../src/lib/workers/protocol'
import { examples } from '../support/examples'
import { randomCommand } from '../support/random-commands'
import { randomFrom } from '../support/random-plans'
import type { Proof } from './report'

const EDITS = 2000
/** After so many edits an example begins anew: random commands leave little of it. */
const IN_A_ROW = 40

/** A small edit of one fitting, as a designer makes most: moved, mirrored, made larger, put into another position. */
function smallEdit(job: Job, variant: string, random: () => number): Command | undefined {
  const { fittings, modes } = job.variants[variant]!.plan
  const pick = <T>(all: readonly T[]): T | undefined => all[Math.floor(random() * all.length)]
  const id = pick(Object.keys(fittings))
  const fitting = id === undefined ? undefined : fittings[id]
  if (id === undefined || fitting === undefined) return undefined
  const by = Math.round((random() - 0.5) * 300)
  const { seat } = fitting
  switch (pick(['along', 'across', 'up', 'mirror', 'size', 'stance'] as const)) {
    case 'along':
      return { type: 'fitting.seat', variant, id, seat: { ...seat, along: { ...seat.along, mm: seat.along.mm + by } } }
    case 'across':
      return {
        type: 'fitting.seat',
        variant,
        id,
        seat: { ...seat, across: { ...seat.across, mm: Math.abs(seat.across.mm + by) } },
      }
    case 'up':
      return { type: 'fitting.seat', variant, id, seat: { ...seat, up: { ...seat.up, mm: Math.abs(seat.up.mm + by) } } }
    case 'mirror':
      return { type: 'fitting.seat', variant, id, seat: { ...seat, mirrored: !seat.mirrored } }
    case 'size': {
      const limit = pick(limitsOf(kindOfMade(fitting)).filter(({ kind }) => kind === 'length'))
      const now = limit === undefined ? undefined : fitting.parameters[limit.key]
      if (limit?.kind !== 'length' || typeof now !== 'number') return undefined
      const value: ParameterValue = Math.round(Math.min(limit.max, Math.max(limit.min, now + by)))
      return { type: 'fitting.parameters', variant, id, parameters: { [limit.key]: value } }
    }
    case 'stance': {
      const [mode, stance] = [pick(Object.keys(modes)), pick(stancesOf(fitting))]
      return mode === undefined || stance === undefined
        ? undefined
        : { type: 'mode.stance', variant, mode, fitting: id, stance }
    }
    case undefined:
      return undefined
  }
}

/** A job as text. In which order its own fields stand means nothing, and a state that is put back may bring another; that of all records in them does. */
const written = (job: Job): string => JSON.stringify(Object.entries(job).sort(([a], [b]) => a.localeCompare(b)))

/** All that a review says, with the order in which it says it. */
const said = ({ review }: Evaluation): string => JSON.stringify(review)

const differs = (a: string, b: string): string => {
  let at = 0
  while (a[at] === b[at]) at += 1
  return `…${a.slice(Math.max(0, at - 60), at + 60)}… is …${b.slice(Math.max(0, at - 60), at + 60)}… from nothing`
}

/**
 * Random edits of the examples, one after the other; each is sent to a worker’s end of the protocol as its patches, reviewed from where the last review
 * ended, now and then one mode or the quick rules first, and held against a review of a copy that shares nothing.
 */
export function incrementalProof(share: number, seed = 21): Proof {
  const random = randomFrom(seed)
  const faults: string[] = []
  let [edits, small, refused, patches, broken] = [0, 0, 0, 0, 0]
  const jobs = examples()
  for (let round = 0; edits < EDITS * share; round += 1) {
    const [name, first] = jobs[round % jobs.length]!
    const teller = new Teller()
    const held = new HeldJob()
    const known = new Map<string, Evaluation>()
    let job = first
    for (let tries = 0; tries < IN_A_ROW && edits < EDITS * share; tries += 1) {
      const [variant] = variantsOf(job)[0]!
      const isSmall = random() < 0.7
      const command = isSmall ? smallEdit(job, variant, random) : randomCommand(job, random)
      if (command === undefined) continue
      try {
        job = apply(job, command).job
      } catch (cause) {
        if (!(cause instanceof CommandError)) throw cause
        refused += 1
        continue
      }
      edits += 1
      if (isSmall) small += 1
      const news = structuredClone(teller.tell(job))
      if ('patches' in news) patches += news.patches.length
      const there = held.take(news)
      if (written(there) !== written(job)) faults.push(`${name}, edit ${edits}: the worker holds another job`)
      const at = `${name}, edit ${edits} (${command.type})`
      for (const [id] of variantsOf(there)) {
        let nothing: string
        try {
          nothing = said(evaluate(structuredClone(job), id))
        } catch (cause) {
          // a plan that cannot be reviewed at all; it must not be reviewed from the last one either
          broken += 1
          let isReviewed = true
          try {
            evaluate(there, id, known.get(id))
          } catch {
            isReviewed = false
          }
          if (isReviewed) faults.push(`${at}: reviewed, while from nothing ${String(cause)}`)
          continue
        }
        let before = known.get(id)
        if (random() < 0.3) before = evaluate(there, id, before, { upto: random() < 0.5 ? 'rules' : 'budgets' })
        if (random() < 0.5)
          before = evaluate(there, id, before, { modes: Object.keys(there.variants[id]!.plan.modes).slice(1, 2) })
        const now = evaluate(there, id, before)
        known.set(id, now)
        if (said(now) !== nothing) faults.push(`${at}, ${id}: ${differs(said(now), nothing)}`)
      }
    }
  }
  return {
    name: 'incremental',
    title: 'Reviews that begin where the last one ended',
    how: 'Random edits of the examples, in rows of forty: seven in ten move, mirror, resize or change the position of one fitting, the others are any command. Each is sent to a worker’s end of the protocol as its patches and reviewed from the last evaluation, sometimes one mode or the quick rules first; a copy that shares nothing with it is reviewed from nothing. Both must say the same, finding by finding, in the same order.',
    figures: [
      ['edits', edits],
      ['of those small ones', small],
      ['commands refused', refused],
      ['patches sent', patches],
      ['plans that cannot be reviewed', broken],
    ],
    faults,
  }
}
