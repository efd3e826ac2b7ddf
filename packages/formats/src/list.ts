import { dxf } from './dxf/format.js'
import type { Format } from './format.js'
import { pdf } from './pdf/format.js'
import { svg } from './svg/format.js'

/** Every format, in the order it is offered. */
export const formats: readonly Format[] = [pdf, svg, dxf]

/** A format by the ending of a file's name. */
export const formatOf = (fileName: string): Format | undefined => {
  const ending = fileName.toLowerCase().split('.').pop()
  return formats.find((format) => format.ending === ending)
}
