import { CHOICES } from './choices'

const list = (words: Readonly<Record<string, string>>): string => Object.values(words).join(' / ')

/** A part of the conversation with a client: what a designer asks, in the order of the pages, and how many lines are to be written on. */
export interface QuestionPart {
  readonly title: string
  readonly questions: readonly string[]
  /** So many of the kind are asked about, one line each. */
  readonly each: number
}

export const QUESTIONS: readonly QuestionPart[] = [
  {
    title: 'People, one line each',
    questions: [
      `Name or role, height, age (${list(CHOICES.age)}, or years)`,
      'Who sleeps here, who travels here, who shares a bed with whom?',
      `How do they move? (${list(CHOICES.mobility)})`,
      'Hours at a desk, and how many screens? Left-handed, sleeps by day, a machine at the bedside, a helper?',
      'Fears and dislikes',
    ],
    each: 4,
  },
  {
    title: 'Animals',
    questions: [
      `Which? Nose to rump, shoulder height, the highest step. Rides ${list(CHOICES.rides)}; sleeps ${list(CHOICES.sleeps)}`,
    ],
    each: 1,
  },
  {
    title: 'Gear, one line each, the longest first',
    questions: [
      'What, length × width × height, kg, how many',
      `Where does it live (${list(CHOICES.place)}), how often is it used (${list(CHOICES.use)})?`,
      'What must stand, comes apart (to what size), gets wet, stays out of sight, has a battery to charge?',
    ],
    each: 5,
  },
  {
    title: 'Use',
    questions: [
      'Nights a year, and the share of them away from a hook-up',
      'Nights from one filling of water to the next, and from one place with power to the next',
      'Hours driven a day, coldest and hottest night, how far north or south, how high',
      `Is the vehicle ${list(CHOICES.shared)}? Limits where it is parked: length, height. May it give itself away?`,
    ],
    each: 0,
  },
  {
    title: 'Comfort',
    questions: [
      `Cooking: ${list(CHOICES.cooking)}; ${list(CHOICES.cookingOn)}. Who cooks? A fridge reached from outside?`,
      `Washing: ${list(CHOICES.washing)}`,
      `Toilet: ${list(CHOICES.toilet)}`,
      `Heating: ${list(CHOICES.heating)}. Power: ${list(CHOICES.energy)}`,
      'Guests at the table. May one sit on the edge of a bed by day?',
    ],
    each: 0,
  },
  {
    title: 'Build',
    questions: [
      `Furniture: ${list(CHOICES.permanence)}. What should it look and feel like?`,
      'Budget and reserve, wanted by when, planned for how many years',
      `What may come later: ${list(CHOICES.future)}`,
    ],
    each: 0,
  },
]
