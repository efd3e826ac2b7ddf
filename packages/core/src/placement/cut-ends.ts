import { isClosed, type Polyline } from '../geometry/polyline.js'

export type Place = readonly [x: number, y: number]

/** mm. Ends nearer than this to a line lie on it; what stands between two nearer cuts is too fine to hold, or to lay a knife to. */
export const ON_LINE_MM = 0.05

/** Both ends of every open cut, mm. */
export const endsOf = (cuts: readonly Polyline[]): Place[] =>
  cuts
    .filter((cut) => !isClosed(cut) && cut.length >= 4)
    .flatMap((cut): Place[] => [
      [cut[0] as number, cut[1] as number],
      [cut[cut.length - 2] as number, cut[cut.length - 1] as number],
    ])

/** The hairs of card between cut ends that all but meet, as lines across them, mm: they part of themselves. */
export const hairsBetween = (cuts: readonly Polyline[]): Polyline[] => {
  const ends = endsOf(cuts)
  return ends.flatMap(([x, y], own) =>
    ends.slice(own + 1).flatMap(([otherX, otherY]): Polyline[] => {
      const gapMm = Math.hypot(otherX - x, otherY - y)
      return gapMm > 0 && gapMm < ON_LINE_MM ? [[x, y, otherX, otherY]] : []
    }),
  )
}
