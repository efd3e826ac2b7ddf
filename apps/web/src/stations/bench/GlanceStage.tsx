import { runInHandOf } from '@bold-heron/schema'
import { Check } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { sayLeaves } from '../../pressing/say-leaves.js'
import { turnedPads } from '../../pressing/say-lie.js'
import { sayToSize } from '../../pressing/say-to-size.js'
import { sayFinding } from '../../text/say-finding.js'
import { useLengths } from '../../text/lengths.js'
import { Button } from '../../ui/Button.js'
import { classes } from '../../ui/classes.js'
import { SeverityMark } from '../../ui/SeverityMark.js'
import { BenchTitle } from './steps/BenchTitle.js'
import type { AtBench } from './steps/step.js'
import { type Counted, TellStep } from './TellStep.js'
import type { RoundAtBench } from './use-round.js'

/** What is to be minded of a stack that one knows, in a few lines. */
const Mind = ({ job, stack, assessment }: Pick<AtBench, 'job' | 'stack' | 'assessment'>) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { waxedPaper, keepsCounters, cutToSize } = runInHandOf(job)
  const leaves = stack.flatMap((layer) => (layer.is === 'plate' ? (sayLeaves(t, layer.plate) ?? []) : []))
  return (
    <ul className="space-y-0.5 text-base leading-snug">
      {leaves.map((each) => (
        <li key={each} className="font-bold">
          {each}
        </li>
      ))}
      {cutToSize && <li>{sayToSize(t, lengths, cutToSize)}</li>}
      {waxedPaper && <li>{t('bench.waxed.title')}</li>}
      {keepsCounters && <li>{t('bench.tray.title')}</li>}
      {turnedPads(t, stack).map(({ name, lie }) => (
        <li key={name}>
          {name}: {lie}
        </li>
      ))}
      {assessment?.findings.map((finding, at) => (
        <li key={at}>
          <SeverityMark severity={finding.severity} /> {sayFinding(t, lengths, finding).say}
        </li>
      ))}
      <li>
        <strong>{t('plan.always.fights')}</strong>
      </li>
    </ul>
  )
}

/** A round on one page, for who knows the stack: what to mind, the passes with a tap each, and what came of it. */
export const GlanceStage = ({
  round,
  atBench,
  number,
  counted,
}: {
  readonly round: RoundAtBench
  readonly atBench: AtBench
  /** Rounds told before this one. */
  readonly number: number
  readonly counted: Counted
}) => {
  const { t } = useTranslation()
  const { passes, feel, stopped, countTo } = round
  return (
    <div className="flex flex-col gap-4">
      <BenchTitle>{t('bench.glance.title', { count: passes })}</BenchTitle>
      <Mind job={atBench.job} stack={atBench.stack} assessment={atBench.assessment} />
      <div className="flex flex-wrap gap-3" role="group" aria-label={t('bench.glance.passes')}>
        {Array.from({ length: passes }, (_, at) => {
          const isDone = at < atBench.passesDone
          return (
            <Button
              key={at}
              aria-pressed={isDone}
              className={classes('min-h-16 px-6 text-xl', isDone && 'bg-clean-wash')}
              icon={isDone && <Check aria-hidden size={22} />}
              onClick={() => countTo(isDone ? at : at + 1)}
            >
              {t('bench.glance.pass', { number: at + 1 })}
            </Button>
          )
        })}
        <Button look="danger" className="min-h-16 px-6 text-xl" onClick={stopped}>
          {t('bench.press.stopped')}
        </Button>
      </div>
      <TellStep key={`${number} ${feel}`} round={round} atBench={atBench} counted={counted} />
    </div>
  )
}
