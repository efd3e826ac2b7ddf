/** What presses foil on a line, and how it is seen and tried; a fit against practice moves these together. */

/** N per mm of line: from here on a line is even, from here on it smudges. Notes on pressing into mats, from memory. */
export const EVEN_FROM = 4
export const SMUDGED_FROM = 25

/** Share of the line that is seen to be smudged. From memory. */
export const SOME_OF_LINE = 0.01

/** How sharply forces are seen, as a share of them. From memory. */
export const SEEN_SHARE = 0.2

/** k_m of a pressing pad, N per mm of line and mm: notes on pressing into mats; a plain cutting pad in its place gives far less. From memory. */
export const RIDGE_STIFFNESS = { pressing: 6, plastic: 60 } as const

/** E_m of a pad for each of k_m, as of the embossing mats, 1/mm. From memory. */
export const MODULUS_PER_STIFFNESS = 0.63

/** mm. After a smudged line at least so much comes out. From memory: a card. */
export const STEP_DOWN_MM = 0.3
