/** Why a rule offers no way out, by its id: what it finds is no small change of the plan. */
export const NO_WAY_OUT: Readonly<Record<string, string>> = {
  'bed-alone': 'which of two stays up longer is for them to settle, and another bed is another plan',
  'bed-whole': 'the cushion that is missing is cut to the hole',
  'berth-warm': 'warmth is a matter of insulation and heating, which the plan of furniture does not change',
  'change-time': 'fewer things to change are another plan',
  'daily-front': 'what comes to the front is for those who stow it',
  'gear-out': 'a door is as wide as it is; the piece goes in by another, in parts, or outside',
  'heads-apart': 'who lies which way round is settled in the bed',
  'passing-place': 'a wider aisle is another plan',
  'reserve-kept': 'what is kept free for later is the client’s to choose',
  'resale-bed': 'a longer bed for a buyer who is not known yet is the client’s to choose',
  'stealth-seen': 'what must show, and what can do without, is the client’s to choose',
  'turning-circle': 'so much floor is not found by one small move: it is where a plan begins',
  'wet-apart': 'a place of its own for wet things is one more store, and the client’s to choose',
}
