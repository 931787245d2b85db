import { describe, expect, it } from 'vitest'
import { addressOf, placeIn, stillThere, WHOLE, type Place } from './place'

const place: Place = {
  variant: 'variant-b',
  mode: 'mode-night',
  selected: ['fit-a', 'fit-b'],
  stationMm: 1234.4,
  zoom: { k: 2.5, x: -120.2, y: -40 },
}
const read = (address: string) => placeIn(new URLSearchParams(address))

describe('the place in the address', () => {
  it('is read as it was written, to the pixel and the millimetre', () => {
    expect(read(addressOf(place))).toEqual({ ...place, stationMm: 1234, zoom: { k: 2.5, x: -120, y: -40 } })
    expect(read(addressOf({ ...place, selected: [], zoom: WHOLE }))).toEqual({
      variant: 'variant-b',
      mode: 'mode-night',
      stationMm: 1234,
    })
  })

  it('says nothing where the address does not, or says what cannot be', () => {
    expect(read('')).toEqual({})
    expect(read('?at=Infinity&zoom=900 0 0')).toEqual({})
    expect(read('?at=later&zoom=2 left 0')).toEqual({})
    expect(read('?zoom=2 0')).toEqual({})
  })

  it('takes no more than there is: of the selection what is in the plan, by its own name', () => {
    const fittings = { 'fit-b': {} } as never
    expect(stillThere({ fittings }, place)).toEqual(['fit-b'])
    expect(stillThere({ fittings }, { selected: ['constructor', '__proto__'] })).toEqual([])
    expect(stillThere({ fittings }, {})).toEqual([])
  })
})
