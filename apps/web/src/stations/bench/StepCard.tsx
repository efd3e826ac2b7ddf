import type { ReactNode } from 'react'
import type { BenchStep } from './bench-steps.js'
import { shownSteps } from './steps/list.js'
import type { AtBench } from './steps/step.js'

/** What to do now, in type that is read from a metre away. */
export const StepCard = ({ step, ...atBench }: AtBench & { readonly step: BenchStep }) => {
  const Step = shownSteps[step.is] as (asked: AtBench & { readonly step: BenchStep }) => ReactNode
  return <Step step={step} {...atBench} />
}
