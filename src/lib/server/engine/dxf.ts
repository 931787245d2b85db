import { DxfWriter, point2d, point3d, Units } from '@tarikjabiri/dxf'
import type { View } from '$lib/core/draw'

const TEXT_MM = 6

/** A view as a DXF drawing in millimetres, one layer for each weight of line. */
export function toDxf(view: View): string {
  const dxf = new DxfWriter()
  dxf.setUnits(Units.Millimeters)
  const layers = new Set<string>()
  const on = (layer: string): void => {
    if (!layers.has(layer)) dxf.addLayer(layer, 7, 'Continuous')
    layers.add(layer)
    dxf.setCurrentLayerName(layer)
  }
  for (const item of view.groups.flatMap(({ items }) => items)) {
    if (item.kind === 'path') {
      on(item.weight)
      dxf.addLWPolyline(
        item.points.map(([x, y]) => ({ point: point2d(x, y) })),
        { flags: item.closed ? 1 : 0 },
      )
    } else if (item.kind === 'circle') {
      on(item.weight)
      dxf.addCircle(point3d(item.centre[0], item.centre[1]), item.radius)
    } else if (item.kind === 'text') {
      on('words')
      dxf.addText(point3d(item.at[0], item.at[1]), TEXT_MM, item.text.replace(/[^\x20-\x7e]/g, ' '))
    }
  }
  return dxf.stringify()
}
