/** How grave a finding is, as a shape: a hexagon stops, a triangle cautions, a circle notes. About 16 units high, its middle at 0, 0; `numberY` is the baseline of its number. */
export const SIGNS = {
  stop: { d: 'M-7 -4L0 -8L7 -4L7 4L0 8L-7 4Z', numberY: 3.4 },
  caution: { d: 'M0 -8L8 7L-8 7Z', numberY: 5 },
  note: { d: 'M-7 0A7 7 0 1 1 7 0A7 7 0 1 1 -7 0Z', numberY: 3.4 },
} as const
