/** Every constant of the press model, with its unit, where it is from, and what moving it does. */

/** mm. Grid along the feed: finer follows a single blade's rise and fall closer, and takes longer. Press model. */
export const GRID_X_MM = 0.5

/** mm. Grid across the throat: finer follows the rollers' bow closer, and takes longer. Press model. */
export const GRID_Y_MM = 3

/** Terms of the sine series for the rollers' bending; the tenth is below a ten-thousandth of the first. Press model. */
export const BENDING_TERMS = 9

/** mm. A station is solved when no height is off by more than this. Press model. */
export const SOLVED_MM = 1e-6

/** A station that takes more Newton steps than this is reported as stalled. From memory: three or four are usual. */
export const MOST_STEPS = 60

/** A cell is clean from this cut fraction on: the last fibres tear. Press model. */
export const CLEAN_CELL = 0.97

/** A cut is clean from this share of the line on. Calibration notes. */
export const CLEAN_CUT = 0.985

/** mm. A blade that goes further than this into its bed goes too deep, though it cuts. Calibration notes. */
export const DEEP_MM = 0.5

/** mm. The patch is taken as if the blade had travelled at least this, or the soft bed's share would have no bound. Press model. */
export const LEAST_PATCH_TRAVEL_MM = 0.05

/** Friction of the rollers' bearings; more makes every handle stiffer. Press model, from memory. */
export const BEARING_FRICTION = 0.12

/** mm. Radius of the rollers' journals. Press model, from memory. */
export const JOURNAL_RADIUS_MM = 6

/** φ of a die's blades: more makes a kerf that is already cut drag more. Press model, from memory. */
export const WEDGE_RATIO = 0.15

/** MPa. Young's modulus of steel rollers (engineering handbooks). */
export const STEEL_MPA = 205_000
