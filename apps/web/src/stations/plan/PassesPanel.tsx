import {
  type Assessment,
  cleanerStack,
  type CutContext,
  differenceOf,
  isCut,
  type PassReason,
  type Plan,
  type PlanRequest,
  type PredictedPass,
  type Stack,
} from '@bold-heron/core'
import { Eye } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'
import { percent, sayChance, sayCut } from '../../text/say-cut.js'
import { sayDifference } from '../../text/say-difference.js'
import { Badge } from '../../ui/Badge.js'
import { Button } from '../../ui/Button.js'
import { classes } from '../../ui/classes.js'
import { Panel } from '../../ui/Panel.js'
import { Why } from '../../ui/Why.js'
import { ChanceReason, FeelReason } from './pass-reasons.js'
import { sayLook } from './say-look.js'
import { Mark } from '../../ui/Notice.js'

const fromMemory: readonly PassReason[] = ['single-sheet', 'several-sheets']
const ownRule: readonly PassReason[] = ['rule-one-and-look', 'rule-there-and-back']

const feelTone = {
  free: 'plain',
  light: 'plain',
  firm: 'plain',
  hard: 'warn',
  stop: 'danger',
  nothing: 'plain',
  'just-felt': 'plain',
  'plainly-felt': 'plain',
} as const

/** A crease that is plainly felt is being cut; anything else that is only has a mat that gives way. */
const toneOf = ({ of, feel }: PredictedPass): 'plain' | 'warn' | 'danger' =>
  of === 'crease' && feel === 'plainly-felt' ? 'danger' : feelTone[feel]

/** One line a pass: what it leaves hanging, how the handle feels, how likely it is clean. */
const PassRow = ({
  number,
  pass,
  isLast,
  look,
  assessment,
  cut,
}: {
  readonly number: number
  readonly pass: PredictedPass
  readonly isLast: boolean
  readonly look: boolean
  readonly assessment: Assessment
  readonly cut: CutContext
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  return (
    <tr className={classes('border-t border-line', isLast && 'bg-clean-wash/60')}>
      <th scope="row" className="py-0.5 pr-2 pl-1 text-left font-bold whitespace-nowrap">
        {number}
      </th>
      <td className="w-full py-0.5 pr-2 leading-tight">
        {sayCut(t, lengths, pass)}
        {look && (
          <span className="ml-1 whitespace-nowrap text-accent-deep">
            <Eye aria-hidden className="inline" size={15} /> {t('plan.passes.lookHere')}
          </span>
        )}
      </td>
      <td className="py-0.5 pr-2">
        <Why
          about={t('plan.passes.feel')}
          shown={<Badge tone={toneOf(pass)}>{t(`words.predictedFeel.${pass.feel}`)}</Badge>}
        >
          <FeelReason pass={pass} cut={cut} />
        </Why>
      </td>
      <td className="py-0.5 pr-1 text-right whitespace-nowrap">
        <Why about={t('plan.passes.chanceColumn')} shown={`${sayChance(t, pass.chance)} %`}>
          <ChanceReason number={number} pass={pass} assessment={assessment} />
        </Why>
      </td>
    </tr>
  )
}

/** That another stack of the shelf is clean sooner, and the way to it. */
const CleanerStack = ({
  from,
  cleaner,
  onPick,
}: {
  readonly from: Stack
  readonly cleaner: Assessment
  readonly onPick: (stack: Stack) => void
}) => {
  const { t } = useTranslation()
  const passes = cleaner.prediction?.recommended ?? 1
  return (
    <p className="mb-2 flex items-baseline justify-between gap-3 border-b border-line pb-2">
      <span>
        <strong>{t('plan.passes.cleaner', { count: passes })}</strong>{' '}
        {sayDifference(t, differenceOf(from, cleaner.stack))}
      </span>
      <Button className="min-h-9! shrink-0 px-2.5! py-1!" onClick={() => onPick(cleaner.stack)}>
        {t('plan.passes.takeCleaner')}
      </Button>
    </p>
  )
}

/** How many passes, what each leaves hanging, when to look, and how the handle is going to feel. */
export const PassesPanel = ({
  plan,
  assessment,
  request: { technique, cut },
  isBorder,
  onPick,
}: {
  readonly plan: Plan
  readonly assessment: Assessment
  readonly request: Pick<PlanRequest, 'technique' | 'cut'>
  /** Whether it is laid many times along a strip, which each pass stretches. */
  readonly isBorder: boolean
  readonly onPick: (stack: Stack) => void
}) => {
  const { t } = useTranslation()
  const { passes, fit, prediction } = assessment
  const cleaner = cleanerStack(plan, assessment)
  const onceAtBest = plan.best?.prediction?.passes[0]?.chance
  return (
    <Panel className="py-3">
      {isBorder && onceAtBest !== undefined && onceAtBest < cut.rules.leastChance && (
        <p className="mb-2 border-b border-line pb-2">
          <Mark />
          {t('plan.passes.border', { chance: sayChance(t, onceAtBest) })}
        </p>
      )}
      {cleaner && <CleanerStack from={assessment.stack} cleaner={cleaner} onPick={onPick} />}
      <div className="flex items-baseline justify-between gap-3">
        <h2 className="sr-only">{t('plan.passes.title')}</h2>
        <p className="font-display text-xl font-semibold">
          <Why about={t('plan.passes.whyTitle')} shown={t('plan.passes.first', { count: passes.passes })}>
            {passes.reasons.map((reason) => (
              <p key={reason}>
                {t(`plan.passes.reasons.${reason}`, { chance: percent(cut.rules.leastChance) })}{' '}
                {reason !== 'simulated' &&
                  !ownRule.includes(reason) &&
                  (fromMemory.includes(reason) ? t('plan.passes.memory') : t('plan.passes.common'))}
              </p>
            ))}
            {prediction && !prediction.sure && (
              <p>{t(`plan.passes.${assessment.window.doubt.trust < 1 ? 'untried' : 'unsure'}`)}</p>
            )}
          </Why>
        </p>
        {passes.atMost > passes.passes && (
          <p className="text-ink-soft">{t('plan.passes.upTo', { count: passes.atMost })}</p>
        )}
      </div>
      {prediction ? (
        <>
          <table className="mt-1 w-full border-collapse text-[0.95rem]">
            <thead>
              <tr className="text-left text-sm text-ink-soft">
                <th scope="col" className="pr-2 pl-1 font-normal">
                  {t('plan.passes.passColumn')}
                </th>
                <th scope="col" className="font-normal">
                  {t('plan.passes.leavesColumn')}
                </th>
                <th scope="col" className="font-normal">
                  {t('plan.passes.feel')}
                </th>
                <th scope="col" className="pr-1 text-right font-normal">
                  {t(isCut({ technique }) ? 'plan.passes.chanceColumn' : 'plan.passes.goodColumn')}
                </th>
              </tr>
            </thead>
            <tbody>
              {prediction.passes.map((pass, at) => (
                <PassRow
                  key={at}
                  number={at + 1}
                  pass={pass}
                  isLast={at + 1 === prediction.recommended}
                  look={at + 1 === prediction.lookAfter && prediction.lookAfter < prediction.recommended}
                  assessment={assessment}
                  cut={cut}
                />
              ))}
            </tbody>
          </table>
          <p className="mt-1 border-t border-line pt-1 text-sm leading-snug">
            <strong>{t('plan.worst.title')}</strong>{' '}
            {t(`plan.worst.${prediction.worst.what}`, { chance: sayChance(t, prediction.worst.chance) })}
          </p>
        </>
      ) : (
        <p className="text-sm leading-snug">
          {t('plan.passes.feel')}: <strong>{t(`plan.passes.feelExpected.${fit}`)}</strong>.
        </p>
      )}
      <p className="text-sm leading-snug text-ink-soft">{sayLook(t, technique)}</p>
    </Panel>
  )
}
