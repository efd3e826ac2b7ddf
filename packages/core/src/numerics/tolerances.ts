/** Every tolerance of the core, each with its unit and its reason. */

/** mm. Two heights nearer than this are the same: sums of a dozen decimal thicknesses differ in the last bits only. */
export const SAME_LENGTH_MM = 1e-9

/** Dimensionless. Two ranking costs nearer than this are equal, so that ties are broken by name and not by rounding. */
export const SAME_COST = 1e-9
