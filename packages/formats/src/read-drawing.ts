import { failed, type Result } from '@bold-heron/core'
import type { Drawing } from './drawing.js'
import { type DrawingFaultCode, limits } from './fault.js'
import { formatOf } from './list.js'

/** Reads a drawing by its file's ending. */
export const readDrawing = async (fileName: string, text: string): Promise<Result<Drawing, DrawingFaultCode>> => {
  if (text.length > limits.fileSize)
    return failed({ code: 'file-too-large', path: '', value: text.length, limit: limits.fileSize })
  const read = await formatOf(fileName)?.read?.()
  return read ? read(text) : failed({ code: 'not-svg', path: '', value: fileName.slice(0, 80) })
}
