/** What can be printed of a job. */
export const PAPER_KINDS = [
  'set',
  'sheet',
  'vehicle',
  'survey',
  'bought',
  'questions',
  'brief',
  'demands',
  'vehicles',
  'review',
  'client',
  'weight',
  'power',
  'wiring',
  'rules',
  'history',
] as const
export type PaperKind = (typeof PAPER_KINDS)[number]

export const PAPER_WORDS: Readonly<Record<PaperKind, string>> = {
  set: 'Plan set',
  sheet: 'This mode',
  vehicle: 'Vehicle',
  survey: 'Survey to fill in',
  bought: 'As bought',
  questions: 'Questions to the client',
  brief: 'Brief',
  demands: 'Demands',
  vehicles: 'Which vehicle?',
  review: 'Review',
  client: 'Sheet for the client',
  weight: 'Weight',
  power: 'Power',
  wiring: 'Wiring',
  rules: 'Rules of this job',
  history: 'History',
}
