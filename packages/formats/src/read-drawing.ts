import { failed, type Result } from '@bold-heron/core'
import type { Drawing } from './drawing.js'
import { readDxf } from './dxf/read-dxf.js'
import { type DrawingFaultCode, limits } from './fault.js'
import { readSvg } from './svg/read-svg.js'

/** File endings of drawings that can be read, and how. */
const readers: Readonly<Record<string, (text: string) => Result<Drawing, DrawingFaultCode>>> = {
  svg: readSvg,
  dxf: readDxf,
}

/** Reads a drawing by its file's ending: `.svg` or `.dxf`. */
export const readDrawing = (fileName: string, text: string): Result<Drawing, DrawingFaultCode> => {
  const ending = fileName.toLowerCase().split('.').pop() ?? ''
  if (text.length > limits.fileSize)
    return failed({ code: 'file-too-large', path: '', value: text.length, limit: limits.fileSize })
  const reader = readers[ending]
  return reader ? reader(text) : failed({ code: 'not-svg', path: '', value: fileName.slice(0, 80) })
}
