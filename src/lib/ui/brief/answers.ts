import type { Use } from '$lib/core/brief'
import type { JobSession } from '../job/job-session.svelte'

/** A record with one of its optional fields set, or left out again. */
export function withField<T extends object, K extends keyof T>(given: T, key: K, value: T[K] | undefined): T {
  const { [key]: _old, ...rest } = given
  return (value === undefined ? rest : { ...rest, [key]: value }) as T
}

/** Gives an answer, or takes it back to what is usual. */
export const setAnswer =
  (session: JobSession) =>
  <K extends keyof Use>(key: K, value: Use[K] | undefined): boolean =>
    session.do({ type: 'brief.use', use: withField<Use, K>(session.job.brief.use ?? {}, key, value) })

/** The words that the choices of the conversation are shown in. */
export const CHOICES = {
  age: { adult: 'adult', teenager: 'teenager', child: 'child', infant: 'infant' },
  build: { slight: 'slight', usual: 'usual', broad: 'broad' },
  mobility: {
    free: 'walks freely',
    stiff: 'stiff knee: no climbing',
    walker: 'with a walker',
    wheelchair: 'in a wheelchair',
  },
  growsAs: { either: 'not said', boy: 'as a boy', girl: 'as a girl' },
  rides: { crate: 'in a crate', belt: 'on a belt', seat: 'on a seat' },
  sleeps: { crate: 'in its crate', floor: 'on the floor', bed: 'on the bed', outside: 'outside' },
  place: { inside: 'inside', outside: 'outside', roof: 'on the roof' },
  use: { daily: 'daily', weekly: 'weekly', seldom: 'seldom' },
  cooking: { never: 'never', sometimes: 'now and then', daily: 'daily' },
  cookingOn: { hob: 'on a built-in hob', induction: 'on a loose induction plate', outside: 'outside, at the doors' },
  washing: { none: 'not in the vehicle', outside: 'outside, at the doors', inside: 'inside, a shower' },
  toilet: {
    none: 'none',
    portable: 'portable, in a cupboard',
    cassette: 'cassette with an outside hatch',
    separating: 'separating, vented out',
    dry: 'dry, wrapping',
  },
  heating: { none: 'none', diesel: 'diesel', gas: 'gas', electric: 'electric' },
  energy: { 'hook-up': 'hook-up only', driving: 'by driving', solar: 'from the roof', mixed: 'from all' },
  shared: { no: 'for this only', daily: 'also the daily car', cargo: 'also for cargo' },
  permanence: { 'built-in': 'built in', removable: 'comes out again', 'no-holes': 'not one hole drilled' },
  future: {
    child: 'another child',
    sold: 'sold in some years',
    battery: 'another battery',
    'longer-stays': 'longer stays',
    'other-driver': 'another driver',
  },
} as const satisfies Record<string, Record<string, string>>
