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

/** Share of its stiffness that a pad loses for every mm of bow: one end lifts until the blade has pressed it flat. From memory, and practice. */
export const LOST_PER_MM_OF_BOW = 0.15

/** MPa. Pressure at which all but a third (1/e) of a folder's pattern is formed. From memory. */
export const FORMING_MPA = 1.2

/** σ of a folder: share of what is still wanting that each pass adds. From memory. */
export const FORMING_PER_PASS = 0.9

/** Shares of the severing force from which the sheet is cut through in places, and the mat is. From memory. */
export const CUTS_THROUGH_FROM = 0.6
export const CUTS_MAT_FROM = 1

/** Which share of the throat, from its middle to either side, a low middle reaches. From memory. */
export const LOW_MIDDLE_HALF_WIDTH = 0.22

/** mm. The deepest that anyone may note: more is a press to be mended. From memory. */
export const LOWEST_MIDDLE_MM = 1

/** mm. A mat that is thinner counts as thin. From memory. */
export const MAT_THIN_BELOW_MM = 2

/**
 * mm. A mat that is thinner is paper-thin: it gives way into what lies behind it as well, so that it answers like one of this thickness, and presses
 * the sheet so sharply that nearly all of the crease is there at once. From memory, and practice (docs/practice.md): one easy pass.
 */
export const PAPER_THIN_BELOW_MM = 0.8
export const SETS_AT_ONCE = 0.97

/**
 * MPa, and N per mm of line and mm. Notes on pressing into mats, from memory; but for a thick mat, which is so soft that a relief of three layers is
 * not felt where a cut is (docs/practice.md; silicone is 0.5 to 3 MPa).
 */
export const MAT_MODULUS_MPA = { thin: 2, thick: 1.2 } as const
export const RIDGE_STIFFNESS = { thin: 3.2, thick: 2.5 } as const

/** Lines on which a row is looked at; an edge across the feed is known to a row's height by this. From memory: far finer than the grid. */
export const LINES_PER_ROW = 32

/** Halvings of a Newton step that makes things worse before it is taken anyway. From memory: one is rare already. */
export const MOST_HALVINGS = 12

/** mm. How far presses of one class differ in their gap (one standard deviation); from the calibration notes, common practice. */
export const CLASS_GAP_SPREAD_MM = 0.35

/** mm. Plates are this much narrower than the throat. From memory. */
export const SIDE_PLAY_MM = 10
export const LENGTH_BY_WIDTH = 1.45
