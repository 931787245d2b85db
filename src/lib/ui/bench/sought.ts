import type { ActionId } from './keys'

/** Every word that was typed stands in the entry; better where one begins with it, best where it is one. */
export function match(value: string, search: string, keywords?: string[]): number {
  const entry = ` ${(keywords ?? [value]).join(' ').toLowerCase()} `
  const words = search.toLowerCase().split(/\s+/).filter(Boolean)
  if (!words.every((word) => entry.includes(word))) return 0
  if (words.every((word) => entry.includes(` ${word} `))) return 1
  return words.every((word) => entry.includes(` ${word}`)) ? 0.8 : 0.4
}

/** Other words that people look for a command by. */
export const ACTION_KEYWORDS: Readonly<Partial<Record<ActionId, readonly string[]>>> = {
  turn: ['rotate', 'swivel', 'spin'],
  mirror: ['flip', 'handed'],
  duplicate: ['copy', 'clone', 'another'],
  remove: ['delete', 'erase', 'take out', 'bin'],
  undo: ['back', 'revert', 'take back'],
  redo: ['again', 'forward'],
  'type-distance': ['move', 'distance', 'tape', 'position', 'exact'],
  tape: ['measure', 'ruler', 'distance', 'length', 'gap', 'dimension'],
  group: ['together', 'join', 'combine'],
  run: ['line up', 'row', 'worktop', 'row of units'],
  lock: ['fix', 'freeze', 'pin'],
  'mirror-plan': ['flip', 'other hand', 'right-hand drive', 'left-hand drive'],
  modules: ['library', 'saved', 'template', 'block'],
  people: ['figures', 'persons', 'hide', 'show'],
  history: ['versions', 'earlier', 'go back', 'log'],
  'look-into': ['open', 'inside', 'contents'],
  whole: ['fit', 'zoom out', 'all', 'reset view'],
  'zoom-in': ['zoom', 'larger', 'closer'],
  'zoom-out': ['zoom', 'smaller'],
  menu: ['context', 'options', 'right click'],
  keys: ['shortcuts', 'help', 'keyboard'],
  compare: ['variants', 'side by side', 'difference', 'versus'],
  note: ['comment', 'remark', 'pin', 'photo', 'write'],
  sheet: ['sketch', 'underlay', 'trace', 'scan', 'picture', 'background', 'image'],
}

/** The other pages of the job, found by what one does there. */
export const PAGES: readonly { readonly words: string; readonly path: string; readonly keywords: readonly string[] }[] =
  [
    {
      words: 'Go to the brief',
      path: 'brief',
      keywords: ['people', 'client', 'pets', 'gear', 'questions', 'demands', 'nights', 'off grid', 'requirements'],
    },
    {
      words: 'Go to the vehicle',
      path: 'vehicle',
      keywords: [
        'van',
        'lining',
        'insulation',
        'bodywork',
        'flare',
        'flares',
        'window',
        'hatch',
        'cut',
        'pop top',
        'raise the roof',
        'template',
        'panels',
      ],
    },
    {
      words: 'Measure the vehicle',
      path: 'survey',
      keywords: ['survey', 'measure', 'dimensions', 'tape', 'laser', 'rust', 'as bought'],
    },
    {
      words: 'Go to the review',
      path: 'review',
      keywords: ['findings', 'faults', 'problems', 'errors', 'stops', 'cautions', 'remedies', 'check'],
    },
    {
      words: 'Print the plan, or save it as PDF, SVG or DXF',
      path: 'paper?what=set',
      keywords: ['print', 'report', 'PDF', 'DXF', 'SVG', 'CAD', 'paper', 'export', 'drawing', 'plan set', 'tape out'],
    },
    {
      words: 'Print the sheet for the client',
      path: 'paper?what=client',
      keywords: ['print', 'client', 'PDF', 'paper', 'hand over'],
    },
    {
      words: 'Go to the budgets',
      path: 'budgets',
      keywords: ['weight', 'mass', 'axle', 'payload', 'weighbridge', 'kilograms', 'loading'],
    },
    {
      words: 'Go to the rules of this job',
      path: 'rules',
      keywords: ['house rules', 'book', 'own rules', 'custom', 'settings', 'standards'],
    },
  ]

/** Words for the file of a job. */
export const EXPORT_KEYWORDS: readonly string[] = ['export', 'save', 'file', 'download', 'backup', 'share', 'send']
