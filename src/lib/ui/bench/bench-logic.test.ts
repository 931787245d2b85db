import { describe, expect, it } from 'vitest'
import { apply } from '$lib/core/job'
import { reviewVariant } from '$lib/core/review'
import { DEMO_JOBS } from '$lib/demo'
import { step, type DragEffect, type DragEvent, type DragState } from './drag'
import { keepEqual } from './keep-equal'
import { meaningOf, type KeyPress } from './keys'
import { fitView, frameHeight, frameWidth, toScreen, toView, unfold, vehicleDelta } from '../drawing/layout'

const run = (...events: DragEvent[]) =>
  events.reduce<{ state: DragState; effects: DragEffect[] }>(
    ({ state, effects }, event) => {
      const next = step(state, event)
      return { state: next.state, effects: [...effects, ...next.effects] }
    },
    { state: { name: 'idle' }, effects: [] },
  )

describe('the pointer', () => {
  const press: DragEvent = { name: 'press', id: 'fit-a', view: 'plan', at: [100, 100], screen: [10, 10] }
  const move = (dx: number): DragEvent => ({
    name: 'move',
    at: [100 + 10 * dx, 100],
    screen: [10 + dx, 10],
    free: false,
  })

  it('selects on a click and moves nothing for a trembling hand', () => {
    expect(run(press, move(3), { name: 'release' }).effects).toEqual([{ do: 'select', id: 'fit-a' }])
  })

  it('carries from where it was taken, and puts down once', () => {
    const { state, effects } = run(press, move(5), move(8), { name: 'release' })
    expect(state.name).toBe('idle')
    expect(effects.slice(1)).toEqual([
      { do: 'carry', id: 'fit-a', view: 'plan', by: [50, 0], free: false },
      { do: 'carry', id: 'fit-a', view: 'plan', by: [80, 0], free: false },
      { do: 'put-down' },
    ])
  })

  it('puts back on escape, and ignores moves with nothing in hand', () => {
    expect(run(press, move(9), { name: 'escape' }).effects.at(-1)).toEqual({ do: 'put-back' })
    expect(run(move(9)).effects).toEqual([])
  })

  it('picks below what is in hand only when it was a click', () => {
    const held: DragEvent = { ...press, name: 'press', id: 'fit-a', held: true, next: 'fit-b' } as DragEvent
    expect(run(held, { name: 'release' }).effects).toEqual([{ do: 'select', id: 'fit-b' }])
    expect(run(held, move(9), { name: 'release' }).effects.map((effect) => effect.do)).toEqual(['carry', 'put-down'])
  })

  const paper: DragEvent = { name: 'press-paper', view: 'plan', at: [100, 100], screen: [10, 10] }

  it('lets go with a click on the paper, and draws a band with a drag', () => {
    expect(run(paper, { name: 'release' }).effects).toEqual([{ do: 'select', id: undefined }])
    expect(run({ ...paper, add: true } as DragEvent, { name: 'release' }).effects).toEqual([])
    expect(run(paper, move(9), { name: 'release' }).effects).toEqual([
      { do: 'select-between', view: 'plan', from: [100, 100], to: [190, 100], add: false },
    ])
  })

  it('pulls at a grip, and puts down once', () => {
    const grips = [{ axis: 'x', side: 'max', key: 'lengthMm', atMm: 1200, perOne: 1 }] as const
    const grip: DragEvent = { name: 'press-grip', id: 'fit-a', grips, view: 'plan', at: [100, 100], screen: [10, 10] }
    expect(run(grip, { name: 'release' }).effects).toEqual([])
    expect(run(grip, move(6), { name: 'release' }).effects).toEqual([
      { do: 'pull', id: 'fit-a', grips, view: 'plan', by: [60, 0], free: false },
      { do: 'put-down' },
    ])
    expect(run(grip, move(6), { name: 'escape' }).effects.at(-1)).toEqual({ do: 'put-back' })
  })

  it('does nothing more when another finger comes, whatever it was doing', () => {
    expect(run(press, move(9), { name: 'cancel' }, { name: 'release' }).effects.map((effect) => effect.do)).toEqual([
      'select',
      'carry',
      'put-back',
    ])
    expect(run(paper, move(9), { name: 'cancel' }, { name: 'release' }).effects).toEqual([])
  })

  it('drags the station line', () => {
    expect(run({ name: 'press-station' }, move(1), { name: 'release' }).effects).toEqual([
      { do: 'station', at: [110, 100] },
    ])
  })
})

describe('keys', () => {
  const key = (name: string, more: Partial<KeyPress> = {}) =>
    meaningOf({ key: name, ctrlKey: false, metaKey: false, shiftKey: false, altKey: false, ...more })

  it.each([
    ['ArrowRight', {}, { kind: 'nudge', axis: 'x', mm: 10 }],
    ['ArrowLeft', { shiftKey: true }, { kind: 'nudge', axis: 'x', mm: -100 }],
    ['ArrowUp', { altKey: true }, { kind: 'nudge', axis: 'y', mm: 1 }],
    ['PageDown', {}, { kind: 'nudge', axis: 'z', mm: -10 }],
    ['r', {}, { kind: 'action', id: 'turn' }],
    ['N', { shiftKey: true }, { kind: 'action', id: 'previous' }],
    ['z', { ctrlKey: true }, { kind: 'action', id: 'undo' }],
    ['Z', { ctrlKey: true, shiftKey: true }, { kind: 'action', id: 'redo' }],
    ['d', { metaKey: true }, { kind: 'action', id: 'duplicate' }],
    ['/', {}, { kind: 'action', id: 'search' }],
    ['0', {}, { kind: 'action', id: 'whole' }],
    ['T', { shiftKey: true }, { kind: 'action', id: 'tape' }],
    ['F10', { shiftKey: true }, { kind: 'action', id: 'menu' }],
  ] as const)('%s %o', (name, more, meaning) => expect(key(name, more)).toEqual(meaning))

  it('leaves the browser its own', () => {
    expect(key('r', { ctrlKey: true })).toBeUndefined()
    expect(key('Tab')).toBeUndefined()
    expect(key('ArrowRight', { ctrlKey: true })).toBeUndefined()
  })
})

describe('layout', () => {
  const plan = { min: [-30, -985], max: [5915, 985] } as const
  const side = { min: [-30, -170], max: [5915, 2015] } as const

  it.each([
    [800, 690],
    [544, 600],
    [1600, 900],
  ])('unfolds into %d × %d without overlap, on one x-scale', (width, height) => {
    const frames = unfold(width, height, plan, side)
    for (const frame of frames) {
      expect(frame.scale).toBe(frames[0].scale)
      expect(frame.left).toBe(frames[0].left)
      expect(frame.left + frameWidth(frame)).toBeLessThanOrEqual(width)
    }
    expect(frames[1].top).toBeGreaterThan(frames[0].top + frameHeight(frames[0]))
    expect(frames[2].top).toBeGreaterThan(frames[1].top + frameHeight(frames[1]))
    expect(frames[2].top + frameHeight(frames[2])).toBeLessThanOrEqual(height)
  })

  it('comes back from the screen to where it was', () => {
    const frame = fitView('plan', 500, 300, plan)
    const [u, v] = toView(frame, toScreen(frame, [1234, -567]))
    expect(u).toBeCloseTo(1234, 6)
    expect(v).toBeCloseTo(-567, 6)
    expect(vehicleDelta('section', 10, 20)).toEqual({ y: -10, z: 20 })
    expect(vehicleDelta('left', 10, 20)).toEqual({ x: 10, z: 20 })
  })
})

describe('keepEqual', () => {
  it('keeps what says the same and takes what changed', () => {
    const job = DEMO_JOBS[0]!
    const before = reviewVariant(job, 'variant-a')
    const wider = apply(job, {
      type: 'fitting.parameters',
      variant: 'variant-a',
      id: 'fit-bed',
      parameters: { lengthMm: 1700 },
    }).job
    const after = keepEqual(before, reviewVariant(wider, 'variant-a'))
    const of = (review: typeof before, code: string) =>
      review.modes.flatMap(({ findings }) => findings).find((finding) => finding.code === code)
    expect(of(after, 'standing-low')).toBe(of(before, 'standing-low'))
    expect(of(after, 'berth-short')).not.toBe(of(before, 'berth-short'))
    expect(of(after, 'berth-short')).toMatchObject({ measured: 1700 })
    expect(keepEqual(undefined, before)).toBe(before)
  })
})
