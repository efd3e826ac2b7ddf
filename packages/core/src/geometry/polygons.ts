import {
  booleanOpDWithPolyTree,
  ClipType,
  EndType,
  FillRule,
  inflatePathsD,
  JoinType,
  type PathD,
  type PathsD,
  type PolyPathD,
  PolyTreeD,
  unionD,
} from 'clipper2-ts'
import { isClosed, type Polyline, signedAreaOf } from './polyline.js'

/** Decimals of a millimetre that polygon operations keep. */
const DECIMALS = 4
/** mm. How far the arcs of an offset may stray from round. */
const ARC_MM = 0.02

/** A closed outline with what is left out of it; each closed, mm. */
export interface Polygon {
  readonly outer: Polyline
  readonly holes: readonly Polyline[]
}

const pathOf = (line: Polyline): PathD => {
  const path: PathD = []
  const end = isClosed(line) ? line.length - 2 : line.length
  for (let at = 0; at + 1 < end; at += 2) path.push({ x: line[at] as number, y: line[at + 1] as number })
  return path
}
const pathsOf = (lines: readonly Polyline[]): PathsD => lines.map(pathOf)

const loopOf = (path: PathD): number[] => {
  const loop = path.flatMap(({ x, y }) => [x, y])
  loop.push(loop[0] as number, loop[1] as number)
  return loop
}

/** A loop that runs so that its area is positive, whichever way it was drawn. */
const oneWay = (loop: Polyline): PathD => (signedAreaOf(loop) < 0 ? pathOf(loop).reverse() : pathOf(loop))

/** What lies in any of some closed outlines, whichever way each was drawn, as loops: outer ones and holes. */
export const unionOf = (loops: readonly Polyline[]): number[][] =>
  unionD(loops.map(oneWay), [], FillRule.NonZero, DECIMALS).map(loopOf)

/** mm² inside loops, holes taken off. */
export const areaOf = (loops: readonly Polyline[]): number =>
  Math.abs(loops.reduce((sum, loop) => sum + signedAreaOf(loop), 0))

/** mm² of a polygon. */
export const areaOfPolygon = ({ outer, holes }: Polygon): number =>
  Math.abs(signedAreaOf(outer)) - holes.reduce((sum, hole) => sum + Math.abs(signedAreaOf(hole)), 0)

/** Closed outlines grown (`byMm` > 0) or shrunk (< 0) by so much all round, corners rounded; what shrinks away is left out. */
export const offsetOf = (loops: readonly Polyline[], byMm: number): number[][] =>
  inflatePathsD(pathsOf(loops), byMm, JoinType.Round, EndType.Polygon, 2, DECIMALS, ARC_MM).map(loopOf)

/** What lies in closed outlines, whichever way they were drawn, grown all round; the arcs of its corners stray by `arcMm` from round at most. */
export const grownBy = (loops: readonly Polyline[], byMm: number, arcMm: number): number[][] =>
  inflatePathsD(
    unionD(loops.map(oneWay), [], FillRule.NonZero, DECIMALS),
    byMm,
    JoinType.Round,
    EndType.Polygon,
    2,
    DECIMALS,
    arcMm,
  ).map(loopOf)

/** Strips of 2 × `halfMm` along lines, open or closed, their open ends squared off beyond the end. */
const stripsAlong = (lines: readonly Polyline[], halfMm: number): PathsD => {
  const closed = pathsOf(lines.filter(isClosed))
  const open = pathsOf(lines.filter((line) => !isClosed(line) && line.length >= 4))
  return [
    ...inflatePathsD(closed, halfMm, JoinType.Bevel, EndType.Joined, 2, DECIMALS),
    ...inflatePathsD(open, halfMm, JoinType.Bevel, EndType.Square, 2, DECIMALS),
  ]
}

const polygonsUnder = (node: PolyPathD): Polygon[] => {
  const found: Polygon[] = []
  for (let at = 0; at < node.count; at++) {
    const outer = node.child(at)
    const holes: number[][] = []
    for (let inner = 0; inner < outer.count; inner++) {
      const hole = outer.child(inner)
      holes.push(loopOf(hole.poly ?? []))
      found.push(...polygonsUnder(hole))
    }
    found.push({ outer: loopOf(outer.poly ?? []), holes })
  }
  return found
}

/** mm. Half the width that a cut is given to part the sheet: far below what a hand can see, far above rounding. */
const HALF_KERF_MM = 0.01
/** mm². Crumbs smaller than this are rounding, not pieces. */
const LEAST_PIECE_MM2 = 0.02

/** The pieces that a sheet falls into when it is cut along lines: largest first. */
export const piecesOf = (sheet: readonly Polyline[], cuts: readonly Polyline[]): Polygon[] => {
  const tree = new PolyTreeD()
  booleanOpDWithPolyTree(
    ClipType.Difference,
    pathsOf(sheet),
    stripsAlong(cuts, HALF_KERF_MM),
    tree,
    FillRule.NonZero,
    DECIMALS,
  )
  return polygonsUnder(tree)
    .filter((piece) => areaOfPolygon(piece) > LEAST_PIECE_MM2)
    .sort((one, other) => areaOfPolygon(other) - areaOfPolygon(one))
}

/** What is left of a closed outline when what lies in any of some others is taken from it, whichever way each was drawn. */
export const withoutOf = (outline: Polyline, taken: readonly Polyline[]): Polygon[] => {
  const tree = new PolyTreeD()
  const gone = unionD(taken.map(oneWay), [], FillRule.NonZero, DECIMALS)
  booleanOpDWithPolyTree(ClipType.Difference, [oneWay(outline)], gone, tree, FillRule.NonZero, DECIMALS)
  return polygonsUnder(tree).filter((piece) => areaOfPolygon(piece) > LEAST_PIECE_MM2)
}
