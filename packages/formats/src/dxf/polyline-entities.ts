import type { IEntity } from 'dxf-parser'

/** As much of the parser's scanner as is used here: the next pair of code and value, and the last one read. It throws at the file's end. */
interface Scanner {
  next(): Pair
}
interface Pair {
  readonly code: number
  readonly value: unknown
}

/** What the parser calls for an entity of this name, standing on its first pair; it leaves the scanner on the next entity's. */
interface EntityReader {
  readonly ForEntityName: 'LWPOLYLINE' | 'POLYLINE'
  parseEntity(scanner: Scanner, first: Pair): IEntity
}

interface Vertex {
  x?: number
  y?: number
  bulge?: number
}

/** Group codes of the DXF reference. */
const ENTITY = 0
const X = 10
const Y = 20
const BULGE = 42
const FLAGS = 70
const CLOSED = 1

/** Notes what a pair says of the last vertex. */
const describe = (vertex: Vertex | undefined, { code, value }: Pair): void => {
  if (!vertex) return
  if (code === X) vertex.x = value as number
  if (code === Y) vertex.y = value as number
  if (code === BULGE) vertex.bulge = value as number
}

const isClosed = ({ code, value }: Pair): boolean => code === FLAGS && ((value as number) & CLOSED) === CLOSED

const entityOf = (type: unknown, vertices: readonly Vertex[], shape: boolean): IEntity =>
  ({ type, vertices, shape }) as unknown as IEntity

/** A polyline whose vertices stand in it. The package's own reader believes the count that it tells, and can go to and fro for ever. */
class LwPolyline implements EntityReader {
  readonly ForEntityName = 'LWPOLYLINE'

  parseEntity(scanner: Scanner, first: Pair): IEntity {
    const vertices: Vertex[] = []
    let shape = false
    for (let pair = scanner.next(); pair.code !== ENTITY; pair = scanner.next()) {
      shape ||= isClosed(pair)
      if (pair.code === X) vertices.push({})
      describe(vertices.at(-1), pair)
    }
    return entityOf(first.value, vertices, shape)
  }
}

/** A polyline whose vertices are entities after it, up to a SEQEND. The package's own reader waits for that for ever. */
class Polyline implements EntityReader {
  readonly ForEntityName = 'POLYLINE'

  parseEntity(scanner: Scanner, first: Pair): IEntity {
    const vertices: Vertex[] = []
    let shape = false
    let inVertices = false
    for (let pair = scanner.next(); ; pair = scanner.next()) {
      if (pair.code === ENTITY && pair.value === 'VERTEX') {
        inVertices = true
        vertices.push({})
      } else if (pair.code === ENTITY && pair.value === 'SEQEND') break
      else if (pair.code === ENTITY) return entityOf(first.value, vertices, shape)
      else if (inVertices) describe(vertices.at(-1), pair)
      else shape ||= isClosed(pair)
    }
    while (scanner.next().code !== ENTITY);
    return entityOf(first.value, vertices, shape)
  }
}

/** Readers that are registered with the parser in the place of its own. */
export const polylineReaders = [LwPolyline, Polyline] as const
