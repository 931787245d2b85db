import type { SimpleCommand } from '../job'
import type { Finding } from './finding'

/** Lets a finding be, for a reason, as long as its figures stay what they are. `on` is a day like 2027-04-30. */
export const waive = (
  variant: string,
  id: string,
  { key, code, measured, needed }: Finding,
  reason: string,
  on: string,
): SimpleCommand => ({ type: 'waiver.put', variant, id, waiver: { key, code, measured, needed, reason, on } })

/** A finding that was let be counts again; nothing where it was not. */
export const takeUp = (variant: string, { waiver }: Finding): readonly SimpleCommand[] =>
  waiver === undefined ? [] : [dropWaiver(variant, waiver.id)]

/** Forgets that something was let be. */
export const dropWaiver = (variant: string, id: string): SimpleCommand => ({ type: 'waiver.remove', variant, id })
