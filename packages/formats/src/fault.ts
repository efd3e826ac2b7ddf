/** Why a drawing is not taken. */
export const drawingFaults = [
  'file-empty',
  'file-too-large',
  'file-packed',
  'not-svg',
  'xml-broken',
  'entities-declared',
  'script-inside',
  'outside-reference',
  'too-deep',
  'too-many-elements',
  'too-many-points',
  'too-much-work',
  'path-broken',
  'number-broken',
  'transform-broken',
  'no-lines',
  'coordinates-unreasonable',
  'not-dxf',
  'dxf-binary',
  'dxf-broken',
  'units-unknown',
] as const
export type DrawingFaultCode = (typeof drawingFaults)[number]

/** What was passed over or assumed in reading a drawing that was taken. */
export type DrawingNote =
  | 'size-assumed'
  | 'units-assumed'
  | 'text-passed-over'
  | 'image-passed-over'
  | 'hidden-passed-over'
  | 'other-passed-over'

/** Limits on drawings, so that a hostile or broken one is refused at once. */
export const limits = {
  /** Bytes of text. */
  fileSize: 5_000_000,
  elements: 50_000,
  depth: 64,
  points: 200_000,
  /** Segments that are parsed, used ones as often as they are used, whether or not anything is kept of them. */
  segments: 1_000_000,
  /** mm; no die is larger. */
  sizeMm: 2000,
} as const

/** Stops the reading of a drawing; caught where reading began and turned into a fault. */
export class Refusal extends Error {
  override readonly name = 'Refusal'

  constructor(
    readonly code: DrawingFaultCode,
    readonly path: string,
    readonly value?: string | number,
    readonly limit?: string | number,
  ) {
    super(code)
  }
}
