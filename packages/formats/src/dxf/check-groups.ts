import { limits, Refusal } from '../fault.js'

/** Group codes of the DXF reference: what an entity is, and of how many vertices an LWPOLYLINE says that it is. */
const ENTITY = 0
const VERTEX_COUNT = 90

/** What may stand between a POLYLINE and its SEQEND. */
const OF_POLYLINE = new Set(['VERTEX', 'SEQEND'])

/** Codes that the DXF reference gives a type to, from and to; no others stand in a drawing. */
const TYPED: readonly (readonly [number, number])[] = [
  [-5, 149],
  [160, 179],
  [210, 239],
  [270, 481],
  [999, 1071],
]
const isTyped = (code: number): boolean => TYPED.some(([from, to]) => code >= from && code <= to)

/**
 * Looks at the pairs of code and value before a parser does, which believes them: a count of vertices makes it loop as often, and a
 * POLYLINE that is not ended for ever; a code that there is not, it complains of where only answers belong.
 */
export const checkGroups = (text: string): void => {
  const lines = text.split(/\r\n|\r|\n/)
  let entity = ''
  let inPolyline = false
  for (let at = 0; at + 1 < lines.length; at += 2) {
    const code = Number.parseInt(lines[at] as string, 10)
    const value = (lines[at + 1] as string).trim()
    const where = `line ${at + 2}`
    if (!isTyped(code)) throw new Refusal('dxf-broken', `line ${at + 1}`, (lines[at] as string).slice(0, 40))
    if (code === ENTITY) {
      entity = value
      if (inPolyline && !OF_POLYLINE.has(entity)) throw new Refusal('dxf-broken', where, entity.slice(0, 40))
      inPolyline = entity === 'POLYLINE' || (inPolyline && entity === 'VERTEX')
    } else if (code === VERTEX_COUNT && entity === 'LWPOLYLINE' && Number.parseInt(value, 10) > limits.points)
      throw new Refusal('too-many-points', where, value.slice(0, 40), limits.points)
  }
}

/** Whether a text begins as a DXF does: comments, then a section. */
export const beginsAsDxf = (text: string): boolean => {
  // A file begins with its section, or with a few comments; what is longer is no drawing.
  const lines = text
    .slice(0, 20_000)
    .split(/\r\n|\r|\n/)
    .map((line) => line.trim())
  let at = lines.findIndex((line) => line !== '')
  while (lines[at] === '999') {
    at += 2
    while (lines[at] === '') at++
  }
  if (lines[at] !== '0') return false
  return lines.slice(at + 1).find((line) => line !== '') === 'SECTION'
}
