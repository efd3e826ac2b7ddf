import { type Affine, appendCubic, appendQuadratic, type Point } from '@bold-heron/core'
import svgpath from 'svgpath'
import { CURVE_TOLERANCE_MM, type LineCollector } from '../drawing.js'
import { Refusal } from '../fault.js'
import { withShortRuns } from './short-runs.js'

/** The parser keeps what it could not read here; its types do not say so. */
interface ParsedPath {
  readonly err?: string
  readonly segments: readonly unknown[]
}

/** Reads path data and adds its lines, transformed into mm and flattened there. */
export const addPath = (data: string, matrix: Affine, into: LineCollector, at: string): void => {
  const parsed = svgpath(withShortRuns(data))
  const broken = (parsed as unknown as ParsedPath).err
  if (broken) throw new Refusal('path-broken', at, broken.slice(0, 100))
  let line: number[] = []
  let start: Point = [0, 0]
  const finish = () => {
    into.add(line, at)
    line = []
  }
  parsed
    .abs()
    .unshort()
    .unarc()
    .matrix([...matrix])
    .iterate((segment) => {
      const numbers = segment.slice(1) as number[]
      if (!numbers.every(Number.isFinite)) throw new Refusal('number-broken', at, String(segment[0]))
      const here: Point = [line[line.length - 2] ?? start[0], line[line.length - 1] ?? start[1]]
      if (line.length === 0 && segment[0] !== 'M') line.push(here[0], here[1])
      switch (segment[0]) {
        case 'M':
          finish()
          start = [segment[1], segment[2]]
          line.push(segment[1], segment[2])
          break
        case 'L':
          line.push(segment[1], segment[2])
          break
        case 'H':
          line.push(segment[1], here[1])
          break
        case 'V':
          line.push(here[0], segment[1])
          break
        case 'C':
          appendCubic(
            line,
            here,
            [segment[1], segment[2]],
            [segment[3], segment[4]],
            [segment[5], segment[6]],
            CURVE_TOLERANCE_MM,
          )
          break
        case 'Q':
          appendQuadratic(line, here, [segment[1], segment[2]], [segment[3], segment[4]], CURVE_TOLERANCE_MM)
          break
        case 'Z':
        case 'z':
          if (here[0] !== start[0] || here[1] !== start[1]) line.push(start[0], start[1])
          finish()
          break
        default:
          throw new Refusal('path-broken', at, String(segment[0]))
      }
    })
  finish()
  into.spend((parsed as unknown as ParsedPath).segments.length, at)
}
