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
