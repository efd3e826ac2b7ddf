import { isClosed, type TemplateLine } from '@bold-heron/core'
import { Colors, DxfWriter, LWPolylineFlags, point2d, Units } from '@tarikjabiri/dxf'
import { partsIn } from '../template/strokes.js'

/** Writes a template as a DXF drawing in millimetres, a layer a part, y up. */
export const writeTemplateDxf = (lines: readonly TemplateLine[]): string => {
  const writer = new DxfWriter()
  writer.setUnits(Units.Millimeters)
  for (const part of partsIn(lines)) {
    writer.addLayer(part, Colors.Black, 'Continuous')
    writer.setCurrentLayerName(part)
    for (const { line } of lines.filter((each) => each.part === part)) {
      const closed = isClosed(line)
      const vertices = Array.from({ length: line.length / 2 - (closed ? 1 : 0) }, (_, at) => ({
        point: point2d(line[2 * at] as number, -(line[2 * at + 1] as number)),
      }))
      writer.addLWPolyline(vertices, closed ? { flags: LWPolylineFlags.Closed } : {})
    }
  }
  return writer.stringify()
}
