import { apply, CommandError, commandSchema, parseJob, type Applied, type Job } from '../../src/lib/core/job'
import { reviewVariant } from '../../src/lib/core/review'
import { sayRefusal } from '../../src/lib/core/text'
import { randomCommand } from '../support/random-commands'
import { randomFrom, randomPlan } from '../support/random-plans'
import type { Proof } from './report'

const RUNS = 60
const COMMANDS = 200

/** Keys in order, so that two documents which say the same are the same text. */
const said = (value: unknown): string =>
  JSON.stringify(value, (_, one: unknown) =>
    typeof one === 'object' && one !== null && !Array.isArray(one)
      ? Object.fromEntries(Object.entries(one).sort(([a], [b]) => (a < b ? -1 : 1)))
      : one,
  )

/**
 * Any 200 random commands: each is refused alone with a reason, or gives a document that the parser accepts and that can be placed; undoing
 * all of them, the last first, gives the document that was there at first.
 */
export function commandsProof(share: number, seed = 3): Proof {
  const faults: string[] = []
  let given = 0
  let refused = 0
  let undone = 0
  for (let run = 0; run < Math.max(2, Math.round(RUNS * share)); run += 1) {
    const random = randomFrom(seed + run)
    const first = randomPlan(seed * 100 + run, 8).job
    const before = said(first)
    const done: Applied['diff'][] = []
    let job: Job = first
    for (let number = 0; number < COMMANDS; number += 1) {
      const command = randomCommand(job, random)
      const named = `seed ${seed + run}, command ${number} ${command.type}`
      const known = commandSchema.safeParse(command).success
      given += 1
      let applied: Applied
      const was = said(job)
      try {
        if (!known)
          throw new CommandError({ code: 'unreadable', path: '', message: 'the schema of commands refuses it' })
        applied = apply(job, command)
      } catch (cause) {
        refused += 1
        if (!(cause instanceof CommandError)) faults.push(`${named}: threw ${String(cause)}`)
        else if (sayRefusal(cause.refusal).trim() === '') faults.push(`${named}: refused without a reason`)
        if (said(job) !== was) faults.push(`${named}: was refused and changed the document`)
        continue
      }
      const parsed = parseJob(JSON.parse(JSON.stringify(applied.job)))
      if (!parsed.ok)
        faults.push(
          `${named}: ${parsed.faults[0]!.path} ${parsed.faults[0]!.message} ${JSON.stringify(command).slice(0, 200)}`,
        )
      job = applied.job
      if (applied.diff.redo.length > 0) done.push(applied.diff)
    }
    try {
      for (const id of Object.keys(job.variants)) reviewVariant(job, id)
    } catch (cause) {
      faults.push(`seed ${seed + run}: what was accepted cannot be placed: ${String(cause)}`)
    }
    for (const { undo } of done.reverse()) {
      undone += 1
      try {
        job = apply(job, { type: 'diff', direction: 'undo', what: 'undo', patches: [...undo] }).job
      } catch (cause) {
        faults.push(`seed ${seed + run}: undo refused: ${String(cause)}`)
        break
      }
    }
    if (said(job) !== before) faults.push(`seed ${seed + run}: undoing all does not give the first`)
  }
  return {
    name: 'commands',
    title: 'Random commands',
    how: 'Runs of 200 random commands of every kind on random plans: each is refused alone with a reason or gives a document that the parser accepts; the last can be reviewed; undoing all gives the first document again.',
    figures: [
      ['commands', given],
      ['refused, each with its reason', refused],
      ['undone', undone],
    ],
    faults,
  }
}
