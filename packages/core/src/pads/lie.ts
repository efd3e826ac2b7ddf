/** A pad's faces and ends: four ways to lie. */
export const padFaces = ['a', 'b'] as const
export type PadFace = (typeof padFaces)[number]

/** How a pad lies: which face looks at the blade, and whether it is turned end for end. */
export interface PadLie {
  readonly face: PadFace
  readonly turned: boolean
}

/** As a pad lies that nobody has thought about. */
export const PLAIN_LIE: PadLie = { face: 'a', turned: false }

export const padLies: readonly PadLie[] = padFaces.flatMap((face) => [
  { face, turned: false },
  { face, turned: true },
])
