/** How far a stretch of line has come. */
export const lineStates = ['hanging', 'nearly', 'clean'] as const
export type LineState = (typeof lineStates)[number]

/**
 * The dies' lines parted by how far they have come, for drawing: chain k runs over points starts[k] … starts[k+1] − 1 (x and y
 * in mm, two numbers a point) and is in the state lineStates[states[k]].
 */
export interface LineMap {
  readonly points: Float32Array
  readonly starts: Int32Array
  readonly states: Uint8Array
}
