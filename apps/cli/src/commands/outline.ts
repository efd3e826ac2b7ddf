import { measureOutline } from '@bold-heron/core'
import { readDrawing } from '@bold-heron/formats'
import { sayDrawingFault } from '@bold-heron/words'
import { Faults } from '../faults.js'
import { readText } from '../read-file.js'

/** Measures the cutting lines of an SVG or DXF drawing. Lengths in mm. */
export const outline = async (file: string) => {
  const read = await readDrawing(file, readText(file))
  if (!read.ok) throw new Faults([(t) => sayDrawingFault(t, file, read.fault)])
  const { lines, notes } = read.value
  const measures = measureOutline(lines)
  if (!measures) throw new Faults([(t) => t('files.no-lines', { file })])
  return {
    format: 'bold-heron/outline',
    version: 1,
    ...measures,
    narrowestBridgeMm: measures.narrowestBridgeMm ?? null,
    lines: lines.length,
    notes,
  }
}
