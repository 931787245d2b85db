import { shellFaults } from './faults'
import { shellShape } from './shape'

/** A shell whose parts agree with one another. */
export const shellSchema = shellShape.superRefine((shell, context) => {
  for (const { path, message } of shellFaults(shell)) context.addIssue({ code: 'custom', path: [...path], message })
})
