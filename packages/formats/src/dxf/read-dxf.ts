import {
  type Affine,
  after,
  arcLine,
  identity,
  type Point,
  type Result,
  rotation,
  transformed,
  translation,
} from '@bold-heron/core'
import DxfParser, {
  type IArcEntity,
  type ICircleEntity,
  type IEllipseEntity,
  type IEntity,
  type IInsertEntity,
  type ILineEntity,
  type ILwpolylineEntity,
  type IPolylineEntity,
  type ISplineEntity,
} from 'dxf-parser'
import { checkText, CURVE_TOLERANCE_MM, type Drawing, LineCollector, reading } from '../drawing.js'
import { type DrawingFaultCode, limits, Refusal } from '../fault.js'
import { beginsAsDxf, checkGroups } from './check-groups.js'
import { type BulgedPoint, bulgedLine } from './bulge.js'
import { polylineReaders } from './polyline-entities.js'
import { splineLine } from './spline.js'

/** mm per drawing unit by $INSUNITS (DXF reference); 0 and absent say nothing. */
const mmPerUnit: Readonly<Record<number, number>> = { 1: 25.4, 2: 304.8, 4: 1, 5: 10, 6: 1000, 13: 0.001, 14: 100 }
const MOST_INSERT_DEPTH = 8
const ELLIPSE_PIECES = 360

type Parsed = NonNullable<ReturnType<DxfParser['parse']>>

const finite = (path: string, ...values: (number | undefined)[]): void => {
  for (const value of values) if (!Number.isFinite(value)) throw new Refusal('number-broken', path, String(value))
}

/** Walks the entities of a drawing; `scale` is mm per drawing unit. */
class DxfWalk {
  private elements = 0

  constructor(
    private readonly parsed: Parsed,
    private readonly into: LineCollector,
  ) {}

  walk(entities: readonly IEntity[], matrix: Affine, path: string, depth: number): void {
    entities.forEach((entity, at) => {
      this.elements++
      const here = `${path}/${entity.type}[${at + 1}]`
      if (this.elements > limits.elements) throw new Refusal('too-many-elements', here, this.elements, limits.elements)
      this.entity(entity, matrix, here, depth)
    })
  }

  private add(line: number[], matrix: Affine, path: string): void {
    this.into.spend(line.length / 2, path)
    for (const value of line) finite(path, value)
    this.into.add(transformed(line, matrix), path)
  }

  private entity(entity: IEntity, matrix: Affine, path: string, depth: number): void {
    // Curves are flattened in drawing units, so the tolerance is brought there.
    const tolerance =
      CURVE_TOLERANCE_MM / Math.max(1e-9, Math.sqrt(Math.abs(matrix[0] * matrix[3] - matrix[1] * matrix[2])))
    switch (entity.type) {
      case 'LINE': {
        const { vertices } = entity as ILineEntity
        return this.add(
          vertices.flatMap(({ x, y }) => [x, y]),
          matrix,
          path,
        )
      }
      case 'CIRCLE': {
        const { center, radius } = entity as ICircleEntity
        finite(path, center?.x, center?.y, radius)
        if (!(radius > 0)) return
        const line = arcLine([center.x, center.y], radius, 0, 2 * Math.PI, tolerance)
        line[line.length - 2] = line[0] as number
        line[line.length - 1] = line[1] as number
        return this.add(line, matrix, path)
      }
      case 'ARC': {
        const { center, radius, startAngle, endAngle } = entity as IArcEntity
        finite(path, center?.x, center?.y, radius, startAngle, endAngle)
        if (!(radius > 0)) return
        const turn = endAngle - startAngle
        const sweep = turn <= 0 ? turn + 2 * Math.PI : turn
        return this.add(arcLine([center.x, center.y], radius, startAngle, sweep, tolerance), matrix, path)
      }
      case 'ELLIPSE':
        return this.ellipse(entity as IEllipseEntity, matrix, path)
      case 'LWPOLYLINE':
      case 'POLYLINE': {
        const { vertices, shape } = entity as ILwpolylineEntity | IPolylineEntity
        const points = (vertices as readonly Partial<BulgedPoint>[]).map(({ x, y, bulge }): BulgedPoint => {
          finite(path, x, y, bulge ?? 0)
          return { x: x as number, y: y as number, bulge: bulge ?? 0 }
        })
        return this.add(bulgedLine(points, shape), matrix, path)
      }
      case 'SPLINE': {
        const { controlPoints, fitPoints, knotValues, degreeOfSplineCurve } = entity as ISplineEntity
        const controls = (controlPoints ?? []).map(({ x, y }): Point => [x, y])
        if (controls.length === 0)
          return this.add(
            (fitPoints ?? []).flatMap(({ x, y }) => [x, y]),
            matrix,
            path,
          )
        finite(path, ...controls.flat())
        return this.add(splineLine(controls, knotValues ?? [], degreeOfSplineCurve, path), matrix, path)
      }
      case 'INSERT':
        return this.insert(entity as IInsertEntity, matrix, path, depth)
      case 'TEXT':
      case 'MTEXT':
        this.into.notes.add('text-passed-over')
        return
      default:
        this.into.notes.add('other-passed-over')
    }
  }

  private ellipse(
    { center, majorAxisEndPoint, axisRatio, startAngle, endAngle }: IEllipseEntity,
    matrix: Affine,
    path: string,
  ): void {
    finite(path, center?.x, center?.y, majorAxisEndPoint?.x, majorAxisEndPoint?.y, axisRatio, startAngle, endAngle)
    const { x: mx, y: my } = majorAxisEndPoint
    const turn = endAngle - startAngle
    const sweep = turn <= 0 ? turn + 2 * Math.PI : turn
    const line: number[] = []
    for (let piece = 0; piece <= ELLIPSE_PIECES; piece++) {
      const angle = startAngle + (sweep * piece) / ELLIPSE_PIECES
      const [cos, sin] = [Math.cos(angle), Math.sin(angle) * axisRatio]
      line.push(center.x + cos * mx - sin * my, center.y + cos * my + sin * mx)
    }
    this.add(line, matrix, path)
  }

  private insert(
    { name, position, xScale, yScale, rotation: degrees }: IInsertEntity,
    matrix: Affine,
    path: string,
    depth: number,
  ): void {
    if (depth > MOST_INSERT_DEPTH) throw new Refusal('too-deep', path, depth, MOST_INSERT_DEPTH)
    const block = Object.hasOwn(this.parsed.blocks ?? {}, name) ? this.parsed.blocks[name] : undefined
    if (!block?.entities) return
    finite(path, position?.x, position?.y, xScale ?? 1, yScale ?? 1, degrees ?? 0)
    const scale: Affine = [xScale ?? 1, 0, 0, yScale ?? 1, 0, 0]
    const base = translation(-(block.position?.x ?? 0), -(block.position?.y ?? 0))
    const placed = after(after(translation(position.x, position.y), rotation(degrees ?? 0)), after(scale, base))
    this.walk(block.entities, after(matrix, placed), path, depth + 1)
  }
}

const read = (text: string): Drawing => {
  checkText(text)
  if (text.startsWith('AutoCAD Binary DXF')) throw new Refusal('dxf-binary', '')
  if (!beginsAsDxf(text)) throw new Refusal('not-dxf', '', text.slice(0, 4000).trim().slice(0, 40))
  checkGroups(text)
  const parser = new DxfParser()
  for (const reader of polylineReaders) parser.registerEntityHandler(reader)
  const parsed = parser.parseSync(text)
  if (!parsed) throw new Refusal('dxf-broken', '')
  const units = Number(parsed.header?.['$INSUNITS'] ?? 0)
  const collector = new LineCollector()
  const scale = mmPerUnit[units]
  if (scale === undefined && units !== 0) throw new Refusal('units-unknown', '$INSUNITS', units)
  if (scale === undefined) collector.notes.add('units-assumed')
  const mm = scale ?? 1
  new DxfWalk(parsed, collector).walk(parsed.entities ?? [], after([mm, 0, 0, mm, 0, 0], identity), '', 0)
  return collector.finish()
}

/**
 * Reads the cutting lines of a DXF drawing (R12 and later, as text): lines, arcs, circles, ellipses, polylines with bulges,
 * splines, and blocks inserted. Lines come in mm, x to the right and y up as drawn. The same limits as for SVG hold.
 */
export const readDxf = (text: string): Result<Drawing, DrawingFaultCode> => reading(() => read(text), 'dxf-broken')
