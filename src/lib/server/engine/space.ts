import { z } from 'zod'
import { thermalOf } from '$lib/core/climate'
import { MAX_CHANGES } from '$lib/core/job'
import {
  bodyChangeSchema,
  changeFaults,
  idSchema,
  interiorOf,
  LINED_FACES,
  liningSchema,
  overlapFaults,
  shellSchema,
} from '$lib/core/shell'
import { askSpace, spaceQuestionSchema } from '$lib/core/space'
import { shellNamed } from '$lib/core/shells'
import { readJson } from './reading'
import { refusal, reply, type Reply } from './reply'
import { noSuchShell } from './shells'

const MAX_QUESTIONS = 500
/** Of these, longest boards of different sections: each is a search of its own. */
const MOST_BOARDS = 60

const bodySchema = z.object({
  shell: z.union([shellSchema, idSchema]).describe('A shell, or the id of one of the program’s own'),
  lining: liningSchema.default({ floorMm: 0, wallMm: 0, roofMm: 0 }),
  changes: z
    .record(idSchema, bodyChangeSchema)
    .default({})
    .refine((changes) => Object.keys(changes).length <= MAX_CHANGES, { message: `more than ${MAX_CHANGES} changes` }),
  questions: z.array(spaceQuestionSchema).min(1).max(MAX_QUESTIONS),
})

/** Answers about the space that is left in a body, lined and changed. */
export function spaceReply(bytes: Uint8Array): Reply {
  const read = readJson(bytes, bodySchema)
  if (!read.ok) return read.reply
  const { shell: asked, lining, changes, questions } = read.value
  const shell = shellNamed(asked)
  if (shell === undefined) return noSuchShell()
  const overlaps = Object.entries(changes).flatMap(([id, change]) => overlapFaults(id, change, changes))
  const faults = [...changeFaults(shell, changes), ...overlaps].map(({ path, message }) => ({
    path: ['changes', ...path].join('.'),
    message,
  }))
  if (faults.length > 0) return refusal(422, 'These changes to the bodywork do not fit this vehicle.', faults)
  let interior
  try {
    interior = interiorOf(shell, lining, changes)
  } catch (cause) {
    if (!(cause instanceof RangeError)) throw cause
    return refusal(422, 'This lining leaves no room in this vehicle.', [{ path: 'lining', message: cause.message }])
  }
  const uValues = LINED_FACES.flatMap((face) => {
    const layers = lining.layers?.[face]
    return layers === undefined ? [] : [[face, Math.round(thermalOf(face, layers).uValue * 1000) / 1000] as const]
  })
  // what is asked twice is answered once
  const keys = questions.map((question) => JSON.stringify(question))
  const boards = new Set(keys.filter((_, index) => questions[index]!.ask === 'longest-board'))
  if (boards.size > MOST_BOARDS)
    return refusal(
      422,
      `${boards.size} longest boards of different sections are more than the ${MOST_BOARDS} that one request may ask for.`,
      [{ path: 'questions', message: `asks for ${boards.size} longest boards; at most ${MOST_BOARDS}` }],
    )
  const first = new Map(keys.map((key, index) => [key, questions[index]!]))
  const answered = new Map([...first].map(([key, question]) => [key, askSpace(interior, question)]))
  return reply({
    answers: keys.map((key) => answered.get(key)),
    uValues: Object.fromEntries(uValues),
  })
}
