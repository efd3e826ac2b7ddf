/** How a relief is seen, and when a sheet cracks; a fit against practice moves these together. */

/** Looks, from memory: full relief on nearly all of the outline, and what is seen at all, mm. */
export const FULL_OF_KEPT = 0.8
export const SHALLOW_MM = 0.1
export const SEEN_MM = 0.05

/** Chance that a sheet cracks over a shape, by the crack rule. From memory. */
export const CRACKS = { fine: 0.02, caution: 0.2, expected: 0.75 } as const

/** Heights of a shape against the sheet's thickness and kind up to which it is fine, and from which it is expected to crack. Common practice and memory. */
export const CRACKS_HARDLY_TO = 4
export const CRACKS_EXPECTED_FROM = 6
