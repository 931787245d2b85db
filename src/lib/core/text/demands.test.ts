import { describe, expect, it } from 'vitest'
import { allDemands, DERIVE_RULES, type Brief, type ResolvedDemand } from '../brief'
import { BRIEF_TEMPLATES } from '../starts'
import { apply, newBrief, newJob, told, type Command } from '../job'
import { genericShell } from '../shells'
import { RULE_SENTENCES, sayBecause, sayTold, sayDemand, sayDemandFigure, sayFacts } from './index'

const plain = (text: string): string => text.replace(/[\u202f\u00a0]/g, ' ')
const of = (brief: Brief, id: string): ResolvedDemand => allDemands(brief).find((demand) => demand.id === id)!
const family = BRIEF_TEMPLATES.find(({ id }) => id === 'family-four')!.brief

describe('demands in words', () => {
  it('calls a demand by its label, else by its need, in the number that is asked for', () => {
    expect(sayDemand(of(family, 'need-beds-person-one'))).toBe('Bed for the taller parent and the other parent')
    expect(sayDemand(of(family, 'need-belts-all'))).toBe('Belted seats')
    expect(sayDemand(of(family, 'need-galley-all'))).toBe('Galley with a hob')
    expect(sayDemand(of(family, 'need-water-all'))).toBe('Fresh water')
  })

  it('gives sizes, counts or litres, whichever counts, in the unit of the job', () => {
    const said = (id: string, unit: 'mm' | 'cm' | 'in') => plain(sayDemandFigure(of(family, id), unit))
    expect(said('need-beds-person-one', 'mm')).toBe('1 860 × 1 200')
    expect(said('need-beds-person-one', 'cm')).toBe('186.0 × 120.0')
    expect(said('need-beds-person-one', 'in')).toBe('73 1/4″ × 47 1/4″')
    expect(said('need-belts-all', 'mm')).toBe('4')
    // 3 nights × 4 people × 11 L
    expect(said('need-water-all', 'mm')).toMatch(/^132/)
  })

  it('says a rule and then its sum, for every rule there is', () => {
    expect(Object.keys(RULE_SENTENCES).sort()).toEqual(DERIVE_RULES.map(({ id }) => id).sort())
    const [rule, sum] = sayBecause(of(family, 'need-beds-person-three'), 'mm').map(plain)
    expect(rule).toBe(RULE_SENTENCES.beds)
    // a child of 8 planned for in three years: 1280 · median at 11 / median at 8, of boys and girls
    expect(sum).toMatch(/^The schoolchild: 1 4\d\d mm tall \+ 50 mm = 1 [45]\d\d mm long; 1 sleeper\.$/)
    expect(plain(sayFacts('heat', { coldestC: -8, heating: 'diesel', limitC: 5 }, 'mm'))).toBe(
      'Coldest night −8 °C; a heater is called for under 5 °C. Heating: diesel.',
    )
    expect(plain(sayFacts('turning', { who: 'the tuner', turningMm: 1525 }, 'in'))).toBe(
      'The tuner needs 60 1/16″ to turn.',
    )
    expect(sayFacts('basin', {}, 'mm')).toBe('')
  })
})

describe('the commands of the brief in the history', () => {
  const job = apply(newJob('job-a', 'A', genericShell('truck-box'), { ...newBrief(), people: family.people }), {
    type: 'gear.put',
    id: 'gear-a',
    gear: { label: 'Oars', sizeMm: [2900, 200, 150], count: 1 },
  }).job
  const figure = { who: 'person-one', pose: 'sitting', at: [1000, 0], turn: 0 } as const
  const mode = { variant: 'variant-a', mode: 'mode-day', id: 'figure-a' } as const
  const withFigure = apply(job, { type: 'figure.put', ...mode, figure: { ...figure, at: [1000, 0] } }).job
  it.each<[string, Command]>([
    [
      'Changed gear: “Oars”',
      { type: 'gear.put', id: 'gear-a', gear: { label: 'Oars', sizeMm: [2900, 200, 150], count: 2 } },
    ],
    ['Removed gear: “Oars”', { type: 'gear.remove', id: 'gear-a' }],
    ['Waived a demand: too long', { type: 'demand.adjust', id: 'need-gear-gear-a', adjust: { waived: 'too long' } }],
    ['Changed a demand', { type: 'demand.adjust', id: 'need-gear-gear-a', adjust: { must: false } }],
    ['Let the demands follow from the answers', { type: 'brief.derives', derives: true }],
    ['Let only typed demands count', { type: 'brief.derives', derives: false }],
    ['Filled in the brief from a template', { type: 'brief.put', brief: family }],
    ['Changed the answers on use and comfort', { type: 'brief.use', use: { guests: 1 } }],
    [
      'Put the taller parent in the drawing, sitting',
      { type: 'figure.put', ...mode, figure: { ...figure, at: [900, 0] } },
    ],
    ['Removed the taller parent from the drawing', { type: 'figure.remove', ...mode }],
  ])('%s', (words, command) => {
    expect(sayTold(told(command, withFigure))).toBe(words)
    expect(apply(withFigure, command).job.brief.people).toEqual(family.people)
  })
})
