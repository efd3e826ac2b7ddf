import { type ReactNode, type RefObject, useId } from 'react'
import { useTranslation } from 'react-i18next'
import { Button } from '../../ui/Button.js'
import { classes } from '../../ui/classes.js'
import { StepCard } from './StepCard.js'
import type { AtBench } from './steps/step.js'
import { type Counted, TellStep } from './TellStep.js'
import type { RoundAtBench } from './use-round.js'

/** The ways on and back from a step. */
const Ways = ({
  round: { step, back, stopped, forward },
  tellForm,
}: {
  readonly round: RoundAtBench
  /** The name of the form in which the look is told. */
  readonly tellForm: string
}) => {
  const { t } = useTranslation()
  return (
    <>
      <footer className="sticky bottom-0 z-10 -mx-5 mt-auto flex flex-wrap items-center gap-3 border-t border-line bg-leaf px-5 py-2 footed:bottom-14">
        {/* A second tap on what led here must not write a look down: that stands on the other side, and is another button. */}
        {step.is === 'tell' && (
          <Button key="tell" look="next" type="submit" form={tellForm} className="min-h-16 px-6 text-xl">
            {t('bench.tell.save')}
          </Button>
        )}
        <Button className={classes('min-h-16 px-6 text-xl', step.is === 'tell' && 'ml-auto')} onClick={back}>
          {t('bench.back')}
        </Button>
        {step.is === 'press' && (
          <Button look="danger" className="min-h-16 px-6 text-xl" onClick={stopped}>
            {t('bench.press.stopped')}
          </Button>
        )}
        {step.is !== 'tell' && (
          <Button key="on" look="next" className="ml-auto min-h-16 px-10 text-2xl" onClick={forward}>
            {t(step.is === 'press' ? 'bench.press.done' : 'bench.next')}
          </Button>
        )}
      </footer>
      {step.is !== 'tell' && <p className="hidden text-base text-ink-soft md:block">{t('bench.keys')}</p>}
    </>
  )
}

/** A round under way: the step that is to be done now. */
export const RoundStage = ({
  round,
  atBench,
  saidIn,
  number,
  counted,
  picture,
}: {
  readonly round: RoundAtBench
  readonly atBench: AtBench
  /** Holds what is read aloud of a step. */
  readonly saidIn: RefObject<HTMLDivElement | null>
  /** Rounds told before this one. */
  readonly number: number
  readonly counted: Counted
  readonly picture: ReactNode
}) => {
  const { step, steps, feel } = round
  const tellForm = useId()
  const isPressed = steps.indexOf(step) > steps.findIndex(({ is }) => is === 'press')
  return (
    <>
      <div ref={saidIn} className="flex flex-col gap-4">
        <StepCard step={step} {...atBench} />
      </div>
      {isPressed && picture}
      {step.is === 'tell' && (
        <TellStep key={`${number} ${feel}`} round={round} atBench={atBench} counted={counted} formId={tellForm} />
      )}
      <Ways round={round} tellForm={tellForm} />
    </>
  )
}
