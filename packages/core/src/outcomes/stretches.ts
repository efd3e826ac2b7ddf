import { placesAlong } from '../geometry/along.js'
import { lengthOf, type Polyline } from '../geometry/polyline.js'
import type { HangingStretch } from './hanging-stretch.js'
import { groupBy } from '../numerics/group-by.js'

/** mm. A line is pointed at and judged in stretches about as long. Diagnosis notes. */
export const STRETCH_MM = 5

/** A stretch of one of several dies' lines. */
export interface LineStretch {
  readonly die: number
  readonly line: number
  /** mm from the line's first point. */
  readonly fromMm: number
  readonly toMm: number
}

interface WithLines {
  readonly id: string
  readonly outline: { readonly lines: readonly Polyline[] }
}

/** The lines of dies in equal stretches of about STRETCH_MM, die by die and line by line; a line shorter than that is one. */
export const stretchesOf = (dies: readonly Pick<WithLines, 'outline'>[]): LineStretch[] =>
  dies.flatMap(({ outline }, die) =>
    outline.lines.flatMap((points, line) => {
      const lengthMm = lengthOf(points)
      if (lengthMm === 0) return []
      const count = Math.max(1, Math.round(lengthMm / STRETCH_MM))
      return Array.from({ length: count }, (_, at) => ({
        die,
        line,
        fromMm: (at * lengthMm) / count,
        toMm: ((at + 1) * lengthMm) / count,
      }))
    }),
  )

/** Which share of each stretch was pointed out as hanging, 0…1. Stretches of dies that are not there count for none. */
export const shareHanging = (
  stretches: readonly LineStretch[],
  dies: readonly Pick<WithLines, 'id'>[],
  hanging: readonly HangingStretch[],
): Float64Array => {
  const byLine = groupBy(hanging, ({ dieId, line }) => `${dieId} ${line}`)
  return Float64Array.from(stretches, ({ die, line, fromMm, toMm }) => {
    const hangMm = (byLine.get(`${dies[die]?.id} ${line}`) ?? []).reduce(
      (sum, each) => sum + Math.max(0, Math.min(toMm, each.toMm) - Math.max(fromMm, each.fromMm)),
      0,
    )
    return Math.min(1, hangMm / (toMm - fromMm))
  })
}

/** What was pointed out, in as few pieces as it can be told: stretches that hang and follow one another are one. */
export const hangingOf = (
  stretches: readonly LineStretch[],
  dies: readonly Pick<WithLines, 'id'>[],
  hangs: (at: number) => boolean,
): HangingStretch[] => {
  const found: { dieId: string; line: number; fromMm: number; toMm: number }[] = []
  stretches.forEach(({ die, line, fromMm, toMm }, at) => {
    if (!hangs(at)) return
    const dieId = dies[die]?.id ?? ''
    const last = found.at(-1)
    if (last?.dieId === dieId && last.line === line && last.toMm === fromMm) last.toMm = toMm
    else found.push({ dieId, line, fromMm, toMm })
  })
  return found
}

/** Middles of stretches where the dies' lines lie, as x and y in mm, two numbers a stretch. */
export const middlesOf = (stretches: readonly LineStretch[], laid: readonly (readonly Polyline[])[]): Float64Array => {
  const middles = new Float64Array(2 * stretches.length)
  for (let first = 0; first < stretches.length;) {
    const { die, line } = stretches[first] as LineStretch
    let end = first
    while (stretches[end]?.die === die && stretches[end]?.line === line) end++
    const aims = stretches.slice(first, end).map(({ fromMm, toMm }) => (fromMm + toMm) / 2)
    placesAlong(laid[die]?.[line] ?? [], aims).forEach(({ x, y }, at) => middles.set([x, y], 2 * (first + at)))
    first = end
  }
  return middles
}
