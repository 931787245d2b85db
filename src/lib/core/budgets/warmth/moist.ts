/** Saturation pressure of water vapour over water, kPa. Buck (1996), from memory: within a tenth of a per cent of the ASHRAE tables from −10 to 40 °C. */
export const saturationKpa = (c: number): number => 0.61121 * Math.exp(((18.678 - c / 234.5) * c) / (257.14 + c))

/** The temperature at which vapour of a pressure begins to wet a face, °C, from −80 to 80. */
export function dewPointC(kpa: number): number {
  let [low, high] = [-80, 80]
  for (let step = 0; step < 50; step += 1) {
    const middle = (low + high) / 2
    if (saturationKpa(middle) < kpa) low = middle
    else high = middle
  }
  return (low + high) / 2
}

/** Grams of vapour in a cubic metre, by the gas law: 461.5 J/kgK. */
export const vapourGM3 = (kpa: number, c: number): number => (kpa * 1e6) / (461.5 * (c + 273.15))
/** The pressure of so many grams in a cubic metre, kPa. */
export const vapourKpa = (gM3: number, c: number): number => (gM3 * 461.5 * (c + 273.15)) / 1e6

/** What a face that loses heat has on its inner side, °C. */
export const faceC = (insideC: number, outsideC: number, uValue: number, surfaceM2KW: number): number =>
  insideC - uValue * surfaceM2KW * (insideC - outsideC)
