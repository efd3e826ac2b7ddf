/**
 * mm. How much one and the same stack differs from one time to the next: dust, how flat it lies, the sheet's own unevenness. From
 * memory; keeps many runs from being taken for more than they can tell.
 */
export const REPEAT_SPREAD_MM = 0.04
