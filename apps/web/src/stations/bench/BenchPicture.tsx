import { type differenceOf, type Stack } from '@bold-heron/core'
import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { BenchStack } from './BenchStack.js'
import type { BenchStep } from './bench-steps.js'
import { shownPictures } from './pictures/list.js'
import type { AtBench } from './steps/step.js'

/** The layer that a step is about, by its place in the stack. */
const layerOf = (step: BenchStep, stack: Stack, difference: ReturnType<typeof differenceOf> | undefined) => {
  if (step.is === 'lay') return step.layer
  if (step.is === 'fresh-sheets') return stack.findIndex((layer) => layer.is === 'sheets')
  if (step.is !== 'change') return undefined
  const at = stack.findIndex(
    (layer) => layer.is === 'plate' && difference?.into.some(({ name }) => name === layer.plate.name),
  )
  return at === -1 ? undefined : at
}

/** What is seen at a step: its own picture, or the stack as it lies with the layer that comes now lifted out. */
export const BenchPicture = ({
  step,
  laid,
  gapMm,
  isPressed,
  ...atBench
}: AtBench & {
  /** Undefined where a look is being answered. */
  readonly step: BenchStep | undefined
  readonly laid: number
  readonly gapMm: number
  /** Whether the stack is whole and goes, or has gone, between the rollers: before that there is no squeeze. */
  readonly isPressed: boolean
}) => {
  const { t } = useTranslation()
  const Picture =
    step && (shownPictures[step.is] as ((asked: AtBench & { readonly step: BenchStep }) => ReactNode) | undefined)
  return (
    <section
      aria-label={t('bench.stackLabel')}
      className="order-last rounded-xl border border-line bg-leaf p-4 md:order-none"
    >
      {Picture ? (
        <Picture step={step} {...atBench} />
      ) : (
        <BenchStack
          stack={atBench.stack}
          laid={laid}
          lifted={step && layerOf(step, atBench.stack, atBench.difference)}
          gapMm={gapMm}
          isPressed={isPressed}
          request={atBench.request}
        />
      )}
    </section>
  )
}
