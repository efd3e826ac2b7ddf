import { isClosed, type Polyline } from '@bold-heron/core'
import { DxfWriter, LWPolylineFlags, point2d, Units } from '@tarikjabiri/dxf'

/** Writes lines (mm) as a DXF drawing in millimetres, each a polyline; y up as given. */
export const writeDxf = (lines: readonly Polyline[]): string => {
  const writer = new DxfWriter()
  writer.setUnits(Units.Millimeters)
  for (const line of lines) {
    const closed = isClosed(line)
    const vertices = Array.from({ length: line.length / 2 - (closed ? 1 : 0) }, (_, at) => ({
      point: point2d(line[2 * at] as number, line[2 * at + 1] as number),
    }))
    writer.addLWPolyline(vertices, closed ? { flags: LWPolylineFlags.Closed } : {})
  }
  return writer.stringify()
}
