import { refuse } from '$lib/server/http'
import { scaleStream, simulatedScale, type ScaleReading } from '$lib/server/scale'
import type { RequestHandler } from './$types'

const MOST_KG = 20_000

/** A stand-in for a scale of four pads: streams readings of a vehicle that presses on its wheels as the address says. */
export const GET: RequestHandler = ({ url }) => {
  const text = url.searchParams.get('pads')?.split(',') ?? []
  const pads = text.map(Number)
  if (pads.length !== 4 || !pads.every((kg) => kg >= 0 && kg <= MOST_KG))
    return refuse(400, `The scale has four pads that read from 0 to ${MOST_KG} kg.`, [
      { path: 'pads', message: 'four figures in kg: front left, front right, rear left, rear right' },
    ])
  return new Response(scaleStream(simulatedScale(pads as unknown as ScaleReading['padsKg'], Math.random)), {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store' },
  })
}
