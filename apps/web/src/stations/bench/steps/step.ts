import type { Assessment, PlanRequest, Stack, StackDifference } from '@bold-heron/core'
import type { JobRow } from '@bold-heron/schema'
import type { ReactNode } from 'react'
import type { Lengths } from '../../../text/lengths.js'
import type { BenchStep } from '../bench-steps.js'

/** What a step may speak of. */
export interface AtBench {
  readonly job: JobRow
  readonly stack: Stack
  readonly difference: StackDifference | undefined
  readonly request: PlanRequest
  readonly assessment: Assessment | undefined
  readonly passes: number
  readonly passesDone: number
  readonly lengths: Lengths
}

type StepOf<Is extends BenchStep['is']> = Extract<BenchStep, { readonly is: Is }>

/** What to do now, as it is shown at the Bench. */
export type ShownStep<Is extends BenchStep['is']> = (asked: AtBench & { readonly step: StepOf<Is> }) => ReactNode
