import { BUILDS } from '../examples/builds'
import { largeJob } from './core'
import * as closed from '../../tests/corpus/closed'
import * as two from '../../tests/corpus/closed-two'
import * as sens from '../../tests/corpus/sensible'
import * as faulty from '../../tests/corpus/faulty'
import { CASES } from '../../tests/cases'
import { reviewVariant } from '../../src/lib/core/review'
const lists = [closed, two, sens, faulty].flatMap((m) => Object.values(m).filter(Array.isArray).flat()).filter((p: any) => p && (p.job || p.variants))
export function jobs(): [string, any][] {
  return [...BUILDS.map((j) => [j.name, j]), ['sixty', largeJob()], ...lists.map((p: any, i: number) => [`corpus ${i} ${p.name ?? p.id}`, p.job ?? p]), ...Object.entries(CASES).flatMap(([c, r]: any) => [[`case ${c}`, r.speaks], ...(r.silent ? [[`silent ${c}`, r.silent]] : [])])] as any
}
export const review = (job: any, v: string) => reviewVariant(job, v)
