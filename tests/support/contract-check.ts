// What every kind is held to; used by tests only.
import fc from 'fast-check'
import { expect } from 'vitest'
import { z } from 'zod'
import {
  area,
  boxPrism,
  isConvex,
  placePrism,
  prismBounds,
  prismsOverlap,
  type Box,
  type Prism,
} from '../../src/lib/core/geometry'
import { MATERIALS } from '../../src/lib/core/materials'
import type { Feature, FittingKind, Parameters } from '../../src/lib/core/fittings'

interface Property {
  readonly type?: string
  readonly minimum?: number
  readonly maximum?: number
  readonly enum?: readonly string[]
}

export const propertiesOf = (kind: FittingKind): Readonly<Record<string, Property>> =>
  (z.toJSONSchema(kind.parameters, { io: 'input' }) as { properties?: Record<string, Property> }).properties ?? {}

/** Parameters at one end of all their limits. */
export const extreme = (kind: FittingKind, end: 'minimum' | 'maximum'): Parameters =>
  kind.parameters.parse(
    Object.fromEntries(
      Object.entries(propertiesOf(kind)).flatMap(([key, property]) =>
        property[end] === undefined ? [] : [[key, property[end]]],
      ),
    ),
  ) as Parameters

/** Any parameters that the schema lets through. */
export const anyOf = (kind: FittingKind): fc.Arbitrary<Parameters> =>
  fc
    .record(
      Object.fromEntries(
        Object.entries(propertiesOf(kind)).map(([key, { type, minimum = 0, maximum = 1000, enum: choices }]) => [
          key,
          choices !== undefined
            ? fc.constantFrom(...choices)
            : type === 'boolean'
              ? fc.boolean()
              : type === 'integer'
                ? fc.integer({ min: minimum, max: maximum })
                : fc.double({ min: minimum, max: maximum, noNaN: true }),
        ]),
      ),
    )
    .map((values) => kind.parameters.parse(values) as Parameters)

/** The box that a kind declares to keep within, in its own frame. */
export function envelopeOf(kind: FittingKind, parameters: Parameters): Box {
  const { lengthMm, depthMm, heightMm } = kind.footprint(parameters)
  const { front = 0, back = 0, ends = 0, up = 0, down = 0 } = kind.reach(parameters)
  return {
    x: { min: -lengthMm / 2 - ends, max: lengthMm / 2 + ends },
    y: { min: -depthMm / 2 - front, max: depthMm / 2 + back },
    z: { min: -down, max: heightMm + up },
  }
}

const volume = ({ profile, span }: Prism): number => area(profile) * (span.max - span.min)

const within = (inner: Box, outer: Box): boolean =>
  (['x', 'y', 'z'] as const).every(
    (axis) => inner[axis].min >= outer[axis].min - 0.2 && inner[axis].max <= outer[axis].max + 0.2,
  )

/** Its hollows: within its outline, with a length each way, of names of their own, and got at by clearances that it has. */
function holdsHollows(kind: FittingKind, parameters: Parameters, stance: string, envelope: Box): void {
  const hollows = kind.hollows(parameters, stance)
  expect(new Set(hollows.map(({ id }) => id)).size, kind.id).toBe(hollows.length)
  const ids = kind.clearances(parameters, stance).map(({ id }) => id)
  const solids = kind.solids(parameters, stance).map(({ prism }) => prism)
  for (const { id, room, taken, by, through } of hollows) {
    const said = `${kind.id} ${stance} ${id}`
    expect(within(room, envelope), said).toBe(true)
    for (const axis of ['x', 'y', 'z'] as const) expect(room[axis].max - room[axis].min, said).toBeGreaterThan(0)
    // what takes of its room stands in it, and is no part of the skin that is counted already
    for (const one of taken) {
      expect(prismsOverlap(one.prism, boxPrism(room)), `${said} ${one.id}`).toBe(true)
      expect(solids.some((solid) => solid === one.prism)).toBe(false)
    }
    for (const way of through) expect(ids, said).toContain(way)
    // it is open, its cushions lift off, a door slides or is outside, or something that needs room opens it
    const { fronts } = kind.facts(parameters, stance)
    const needsNone =
      by === 'open' || by === 'lid' || fronts.some(({ hung, isOutside }) => hung === 'runs' || isOutside)
    expect(needsNone || through.length > 0, said).toBe(true)
  }
}

export function holdsToContract(kind: FittingKind, parameters: Parameters): void {
  const envelope = envelopeOf(kind, parameters)
  for (const stance of kind.stances) {
    const solids = kind.solids(parameters, stance)
    for (const { id, prism } of solids) {
      const said = `${kind.id} ${stance} ${id}`
      expect(isConvex(prism.profile), said).toBe(true)
      expect(volume(prism), said).toBeGreaterThan(0)
      const bounds = prismBounds(prism)
      for (const axis of ['x', 'y', 'z'] as const) {
        expect(bounds[axis].min, `${said} ${axis}`).toBeGreaterThanOrEqual(envelope[axis].min - 0.2)
        expect(bounds[axis].max, `${said} ${axis}`).toBeLessThanOrEqual(envelope[axis].max + 0.2)
      }
    }
    const clearances = kind.clearances(parameters, stance)
    holdsHollows(kind, parameters, stance, envelope)
    expect(new Set(clearances.map(({ id }) => id)).size).toBe(clearances.length)
    for (const clearance of clearances) {
      expect(clearance.need, `${kind.id} ${stance} ${clearance.id}`).toBeGreaterThan(0)
      expect(volume(clearance.upTo(clearance.need * 0.5))).toBeLessThan(volume(clearance.upTo(clearance.need)))
      expect(volume(clearance.upTo(1))).toBeGreaterThan(0)
      // each says when it must be free: while something is used, or once in a while
      expect(clearance.serves.length > 0, `${kind.id} ${stance} ${clearance.id}`).toBe(clearance.task === undefined)
    }
    for (const service of kind.services(parameters, stance)) {
      const said = `${kind.id} ${stance} ${service.type}`
      expect(service.quantity, said).toBeGreaterThan(0)
      if (service.approach !== undefined)
        expect(
          clearances.map(({ id }) => id),
          said,
        ).toContain(service.approach)
      // a service lies within what the kind takes up or keeps free
      for (const inside of [service.inside, service.surface]) {
        if (inside === undefined) continue
        const bounds = prismBounds(inside)
        expect(bounds.x.max - bounds.x.min, said).toBeGreaterThan(0)
        for (const axis of ['x', 'y', 'z'] as const) {
          expect(bounds[axis].min, `${said} ${axis}`).toBeGreaterThanOrEqual(envelope[axis].min - 0.2)
          expect(bounds[axis].max, `${said} ${axis}`).toBeLessThanOrEqual(envelope[axis].max + 0.2)
        }
      }
      for (const { at } of service.places ?? []) {
        expect(at[0]).toBeGreaterThanOrEqual(envelope.x.min)
        expect(at[0]).toBeLessThanOrEqual(envelope.x.max)
      }
      if (service.lying !== undefined) {
        const { x, y, zMm } = service.lying
        // the middle of a mattress is over the fitting, though an infill’s mattress lies on its neighbours too
        for (const [axis, { min, max }] of [
          ['x', x],
          ['y', y],
        ] as const) {
          expect(max - min, said).toBeGreaterThan(0)
          expect((min + max) / 2, said).toBeGreaterThanOrEqual(envelope[axis].min)
          expect((min + max) / 2, said).toBeLessThanOrEqual(envelope[axis].max)
        }
        expect(zMm, said).toBeLessThanOrEqual(envelope.z.max + 0.2)
      }
    }
    for (const other of kind.stances) {
      const change = kind.change(parameters, stance, other)
      expect(change.minutes).toBeGreaterThan(0)
    }
    for (const part of kind.loose(parameters, stance)) {
      expect(part.count).toBeGreaterThan(0)
      expect(Math.min(...part.sizeMm), `${kind.id} ${part.id}`).toBeGreaterThan(0)
    }
  }
  // mirrored twice is itself, at every turn
  for (const turn of [0, 90, 180, 270] as const) {
    const mirror = { at: [0, 0, 0], turn: 0, mirrored: true } as const
    const place = { at: [120, -80, 30], turn, mirrored: false } as const
    for (const { prism } of kind.solids(parameters, kind.stances[0])) {
      expect(prismBounds(placePrism(mirror, placePrism(mirror, prism)))).toEqual(prismBounds(prism))
      const turned = prismBounds(placePrism(place, prism))
      const mirrored = prismBounds(placePrism({ ...place, mirrored: true }, placePrism(mirror, prism)))
      expect(mirrored.x.min).toBeCloseTo(turned.x.min, 6)
      expect(mirrored.y.max).toBeCloseTo(turned.y.max, 6)
    }
  }
  // the mass is that of the boards by volume and density, and of what is bought
  const parts = kind.parts(parameters)
  const summed = parts.reduce(
    (sum, part) =>
      sum +
      ('kg' in part
        ? part.kg * part.count
        : (part.sizeMm[0] * part.sizeMm[1] * part.sizeMm[2] * part.count * MATERIALS[part.material].densityKgM3) / 1e9),
    0,
  )
  expect(kind.massKg(parameters)).toBeGreaterThan(0)
  expect(kind.massKg(parameters)).toBeCloseTo(summed, 9)
  for (const part of parts)
    if (!('kg' in part)) expect(Math.min(...part.sizeMm), `${kind.id} ${part.name}`).toBeGreaterThan(0)
}

export const pointsOf = ({ shape }: Feature): readonly (readonly [number, number])[] =>
  shape.kind === 'polygon'
    ? shape.points
    : shape.kind === 'line'
      ? [shape.from, shape.to]
      : [
          [shape.centre[0] - shape.radius, shape.centre[1] - shape.radius],
          [shape.centre[0] + shape.radius, shape.centre[1] + shape.radius],
        ]
