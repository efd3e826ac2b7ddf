import type { DrawingFaultCode } from '@bold-heron/formats'
import type { ProblemCode } from '@bold-heron/schema'

/** A sentence for every code there is. */
export type ProblemWords = Readonly<Record<ProblemCode, string>>
export type DrawingWords = Readonly<Record<DrawingFaultCode, string>>
