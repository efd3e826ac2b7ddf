import type { Assessment, Die, PlanRequest, Stack, StackDifference } from '@bold-heron/core'
import type { JobRow } from '@bold-heron/schema'
import type { ReactNode } from 'react'
import type { BenchStep } from '../bench-steps.js'

/** What a step may speak of. */
export interface AtBench {
  readonly job: JobRow
  readonly stack: Stack
  readonly difference: StackDifference | undefined
  /** Dies of the job that are taken off, and not pressed again. */
  readonly diesOff?: readonly Die[]
  readonly request: PlanRequest
  readonly assessment: Assessment | undefined
  readonly passes: number
  readonly passesDone: number
  /** How far the joins of a border were out so far, mm, and telling of one. */
  readonly joins: { readonly out: readonly (number | null)[]; tell(join: number, outMm: number): void }
}

type StepOf<Is extends BenchStep['is']> = Extract<BenchStep, { readonly is: Is }>

/** What to do now, as it is shown at the Bench. */
export type ShownStep<Is extends BenchStep['is']> = (asked: AtBench & { readonly step: StepOf<Is> }) => ReactNode
