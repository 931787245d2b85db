/** Why a rule offers no remedy, by its id: what it finds is not put right by a small change of the plan. */
export const NO_WAY_OUT: Readonly<Record<string, string>> = {
  'bed-alone': 'which of two stays up longer is for them to settle, and another bed is another plan',
  'bed-whole': 'the missing cushion is cut to the gap',
  'berth-warm': 'warmth is a matter of insulation and heating, which furniture does not change',
  'change-time': 'fewer moves are another plan',
  'charge-frost': 'a battery that moves indoors takes another’s place, and one with a heater in its case is bought',
  'daily-front': 'what goes in front is up to those who stow it',
  'energy-school': 'where power comes from is the client’s choice',
  'gear-out': 'a door is as wide as it is; the piece goes in through another, in parts, or outside',
  'heads-apart': 'who lies which way round is settled in bed',
  'heater-size': 'a heater of another size is bought, and thicker lining is another body',
  'passing-place': 'a wider aisle is another plan',
  'reserve-kept': 'what to keep clear for later is the client’s choice',
  'resale-bed': 'a longer bed for an unknown buyer is the client’s choice',
  'stealth-seen': 'what has to show, and what can be left out, is the client’s choice',
  'tank-frost':
    'lagging is bought and drawn as a figure of the tank, and a tank that moves indoors takes another’s place',
  'turning-circle': 'that much floor is not found by one small move: it is where a plan begins',
  'waste-enough': 'a larger tank is another place, and emptying oftener is the client’s choice',
  'wet-apart': 'a place of its own for wet gear is one more locker, and the client’s choice',
  'wire-holds': 'a wire, its fuse and what goes with it are set beside their circuit, on the page Power',
}
