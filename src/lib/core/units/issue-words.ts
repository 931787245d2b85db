import type { z } from 'zod'
import { formatNumber } from './quantity'

type Issue = z.core.$ZodIssue

/** How to parse so that a fault can name what was given. */
export const NAMING = { reportInput: true } as const
const MOST_CHOICES = 8
const MOST_LETTERS = 40
/** How the library's own messages begin; a message that a schema brings along is kept. */
const OWN_MESSAGE = /^(Too big|Too small|Invalid input|Invalid option|Invalid discriminator|Unrecognized key)/

const TYPE_WORDS: Readonly<Record<string, string>> = {
  number: 'a number',
  int: 'a whole number',
  string: 'text',
  boolean: 'true or false',
  array: 'a list',
  object: 'an object with fields',
  record: 'an object with fields',
  tuple: 'a list',
}

const quoted = (value: unknown): string => {
  const text = typeof value === 'string' ? value : (JSON.stringify(value) ?? String(value))
  return `“${text.length > MOST_LETTERS ? `${text.slice(0, MOST_LETTERS)}…` : text}”`
}

const limit = (of: string, value: number | bigint): string => {
  const figure = formatNumber(Number(value), Number.isInteger(Number(value)) ? 0 : 2)
  const things = of === 'string' ? ' letters' : of === 'array' || of === 'set' ? ' of them' : ''
  return `${figure}${things}`
}

const given = (issue: Issue): string => {
  const { input } = issue as { input?: unknown }
  return typeof input === 'number' || (typeof input === 'string' && input !== '') ? `, not ${quoted(input)}` : ''
}

/** What a schema found, in words for the one who made the mistake. Parsed by `NAMING` it names what was given. */
export function sayIssue(issue: Issue): string {
  if (!OWN_MESSAGE.test(issue.message)) return issue.message
  switch (issue.code) {
    case 'too_big':
      return `${issue.inclusive === false ? 'less than' : 'at most'} ${limit(issue.origin, issue.maximum)}${given(issue)}`
    case 'too_small':
      if (issue.origin === 'string' && issue.minimum === 1) return 'is empty'
      return `${issue.inclusive === false ? 'more than' : 'at least'} ${limit(issue.origin, issue.minimum)}${given(issue)}`
    case 'invalid_type':
      return issue.message.endsWith('received undefined')
        ? `is missing: must be ${TYPE_WORDS[issue.expected] ?? issue.expected}`
        : `must be ${TYPE_WORDS[issue.expected] ?? issue.expected}${given(issue)}`
    case 'invalid_value': {
      const shown = issue.values.slice(0, MOST_CHOICES).map(String).join(', ')
      return `must be one of ${shown}${issue.values.length > MOST_CHOICES ? ' and others' : ''}${given(issue)}`
    }
    case 'invalid_union': {
      const { discriminator, input } = issue as { discriminator?: string; input?: Record<string, unknown> }
      if (discriminator === undefined) return 'has none of the forms that it can have'
      const value = input?.[discriminator]
      return value === undefined ? 'is not known to this version' : `${quoted(value)} is not known to this version`
    }
    case 'unrecognized_keys':
      return `${issue.keys.map(quoted).join(', ')} is not a field of it`
    case 'not_multiple_of':
    case 'invalid_format':
    case 'invalid_key':
    case 'invalid_element':
    case 'custom':
      return issue.message
  }
}
