import { describe, expect, it } from 'vitest'
import type { Vec2 } from '../geometry'
import type { Item } from './display'
import { layLabels, lettersWidth, type Lettering } from './labels'

const lettering: Lettering = {
  at: ([u, v]: Vec2) => [u / 10, -v / 10],
  scale: 0.1,
  sizes: { label: 12, small: 10, title: 12 },
  wide: lettersWidth,
  margin: 4,
}
const name = (text: string, at: Vec2, room: Vec2 | undefined, size: 'label' | 'small' = 'label'): Item => ({
  kind: 'text',
  at,
  text,
  size,
  anchor: 'middle',
  ...(room === undefined ? {} : { room }),
})
const laid = (...items: Item[]) =>
  layLabels(items, lettering).map(({ text, fontSize, upright }) => [text, fontSize, upright])

describe('layLabels', () => {
  // “Desk”: D 0.57 + e, s, k 3 × 0.48 = 2.01 of the font size: 24.1 at 12, 20.1 at 10; 4 are kept clear
  it.each([
    [[282, 130], [['Desk', 12, false]]],
    [[280, 130], [['Desk', 10, false]]],
    [[230, 400], [['Desk', 12, true]]],
    [[110, 400], [['Desk', 10, true]]],
    [[110, 230], []],
    [[90, 4000], []],
  ] as const)('in a room of %j mm lies %j', (room, expected) => {
    expect(laid(name('Desk', [0, 0], [...room] as Vec2))).toEqual(expected)
  })

  it('lets the name painted last stand where two would lie on each other, and full names before small ones', () => {
    const room: Vec2 = [1000, 1000]
    expect(laid(name('Below', [0, 0], room), name('Above', [50, 60], room))).toEqual([['Above', 12, false]])
    expect(laid(name('Full', [0, 0], room), name('Hidden', [0, 50], room, 'small'))).toEqual([['Full', 12, false]])
    expect(laid(name('Full', [0, 0], room), name('Hidden', [0, 130], room, 'small'))).toEqual([
      ['Full', 12, false],
      ['Hidden', 10, false],
    ])
  })

  it('puts a name where its point lies, and always shows one that has no room to keep to', () => {
    expect(layLabels([name('x'.repeat(200), [300, 40], undefined)], lettering)[0]!.at).toEqual([30, -4])
  })
})
