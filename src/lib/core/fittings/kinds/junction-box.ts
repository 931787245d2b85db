import { DETAIL } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { choiceParameter, upTheWall } from '../shapes'
import { box, cross, line, ring } from '../symbols'

/** Where cables meet and part: under a lid that comes off. One outside keeps rain out. */
export const junctionBox = machine({
  id: 'junction-box',
  size: [
    [180, 80, 400],
    [70, 40, 180],
    [130, 80, 400],
  ],
  extra: { kept: choiceParameter(['indoors', 'weatherproof']) },
  part: 'junction-box',
  home: upTheWall(600),
  serviced: () => [['fuses', 'front', 350]],
  facts: (p) => ({ ...BOUGHT, electrics: p.kept === 'indoors' ? 'control' : 'capped' }),
  adjust: { kept: DETAIL },
  features: (p) => {
    const half = p.lengthMm / 2
    const [low, high] = [18, p.heightMm - 18]
    return [
      box('front', -half + 8, 8, half - 8, p.heightMm - 8),
      ...[-1, 1].flatMap((side) => [low, high].map((z) => ring('front', side * (half - 18), z, 5))),
      ...(p.kept === 'weatherproof' ? cross('front', -12, p.heightMm / 2 - 12, 12, p.heightMm / 2 + 12) : []),
      line('top', [-half, -p.depthMm / 2 + 10], [half, -p.depthMm / 2 + 10]),
      line('side', [-p.depthMm / 2 + 10, 0], [-p.depthMm / 2 + 10, p.heightMm]),
    ]
  },
  parts: () => [piece('junction-box', 0.6)],
  cautions: () => ['mains', 'batteries'],
})
