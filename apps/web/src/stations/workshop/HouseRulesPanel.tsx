import { passSchools, trialStarts } from '@bold-heron/core'
import type { HouseRulesInput, HouseRulesRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useChangeHouseRules, useHouseRules } from '../../data/house-rules.js'
import { Choice } from '../../ui/Choice.js'
import { Panel } from '../../ui/Panel.js'
import { Loaded } from '../../ui/states.js'
import { useSay } from '../../ui/toasts.js'

const Rule = <Value extends string>({
  question,
  reason,
  value,
  options,
  onChange,
}: {
  readonly question: string
  readonly reason?: string
  readonly value: Value
  readonly options: readonly { readonly value: Value; readonly text: string }[]
  readonly onChange: (value: Value) => void
}) => (
  <li className="flex flex-wrap items-center justify-between gap-x-6 gap-y-2 border-t border-line py-3 first:border-t-0">
    <div className="min-w-60 flex-1">
      <p className="font-bold">{question}</p>
      {reason && <p className="text-sm text-ink-soft">{reason}</p>}
    </div>
    <Choice label={question} value={value} options={options} onChange={onChange} />
  </li>
)

/** A rule whose value is a number; a value set elsewhere is shown beside the usual ones. */
const NumberRule = ({
  values,
  value,
  say,
  onChange,
  ...rest
}: {
  readonly question: string
  readonly reason?: string
  readonly values: readonly number[]
  readonly value: number
  readonly say: (value: number) => string
  readonly onChange: (value: number) => void
}) => (
  <Rule
    {...rest}
    value={String(value)}
    options={[...new Set([...values, value])]
      .sort((a, b) => a - b)
      .map((each) => ({ value: String(each), text: say(each) }))}
    onChange={(chosen) => onChange(Number(chosen))}
  />
)

const Rules = ({ rules }: { readonly rules: HouseRulesRow }) => {
  const { t } = useTranslation()
  const say = useSay()
  const saving = useChangeHouseRules()
  const change = (changed: Partial<HouseRulesInput>) =>
    saving.mutate(changed, { onSuccess: () => say(t('common.saved')) })
  return (
    <ul>
      <Rule
        question={t('workshop.rules.bladeSide')}
        reason={t('workshop.rules.bladeSideWhy')}
        value={rules.bladeSide}
        options={(['down', 'up'] as const).map((side) => ({ value: side, text: t(`jobs.bladeChoice.${side}`) }))}
        onChange={(bladeSide) => change({ bladeSide })}
      />
      <Rule
        question={t('workshop.rules.passes')}
        reason={t('workshop.rules.passesWhy')}
        value={rules.passes}
        options={passSchools.map((school) => ({ value: school, text: t(`words.passSchool.${school}`) }))}
        onChange={(passes) => change({ passes })}
      />
      <NumberRule
        question={t('workshop.rules.leastChance')}
        reason={t('workshop.rules.leastChanceWhy')}
        value={rules.leastChance}
        values={[0.8, 0.9, 0.95, 0.99]}
        say={(chance) => t('workshop.rules.inHundred', { count: Math.round(chance * 100) })}
        onChange={(leastChance) => change({ leastChance })}
      />
      <NumberRule
        question={t('workshop.rules.mostPasses')}
        reason={t('workshop.rules.mostPassesWhy')}
        value={rules.mostPasses}
        values={[3, 4, 6, 8]}
        say={String}
        onChange={(mostPasses) => change({ mostPasses })}
      />
      <NumberRule
        question={t('workshop.rules.handShare')}
        reason={t('workshop.rules.handShareWhy')}
        value={rules.handShare}
        values={[0.4, 0.6, 0.8, 1]}
        say={(share) => t('workshop.rules.ofLimit', { share: Math.round(share * 100) })}
        onChange={(handShare) => change({ handShare })}
      />
      <NumberRule
        question={t('workshop.rules.mostStopChance')}
        reason={t('workshop.rules.mostStopChanceWhy')}
        value={rules.mostStopChance}
        values={[0.01, 0.02, 0.05, 0.1]}
        say={(chance) => t('workshop.rules.inHundred', { count: Math.round(chance * 100) })}
        onChange={(mostStopChance) => change({ mostStopChance })}
      />
      <Rule
        question={t('workshop.rules.trialStart')}
        reason={t('workshop.rules.trialStartWhy')}
        value={rules.trialStart}
        options={trialStarts.map((each) => ({ value: each, text: t(`words.trialStart.${each}`) }))}
        onChange={(trialStart) => change({ trialStart })}
      />
      <Rule
        question={t('workshop.rules.hardPlateWithMagnet')}
        reason={t('workshop.rules.hardPlateWithMagnetWhy')}
        value={rules.hardPlateWithMagnet}
        options={[
          { value: 'never', text: t('workshop.rules.never') },
          { value: 'allowed', text: t('workshop.rules.allowed') },
        ]}
        onChange={(hardPlateWithMagnet) => change({ hardPlateWithMagnet })}
      />
      <Rule
        question={t('workshop.rules.hardPlateUnderOutline')}
        reason={t('workshop.rules.hardPlateUnderOutlineWhy')}
        value={rules.hardPlateUnderOutline}
        options={[
          { value: 'lace-only', text: t('workshop.rules.laceOnly') },
          { value: 'allowed', text: t('workshop.rules.allowed') },
        ]}
        onChange={(hardPlateUnderOutline) => change({ hardPlateUnderOutline })}
      />
      <Rule
        question={t('workshop.rules.fractions')}
        value={rules.fractionDenominator === 16 ? '16' : '32'}
        options={[
          { value: '16', text: t('workshop.rules.sixteenths') },
          { value: '32', text: t('workshop.rules.thirtySeconds') },
        ]}
        onChange={(denominator) => change({ fractionDenominator: denominator === '16' ? 16 : 32 })}
      />
    </ul>
  )
}

/** Where practitioners differ, the workshop decides. */
export const HouseRulesPanel = () => {
  const { t } = useTranslation()
  const rules = useHouseRules()
  return (
    <Panel title={t('workshop.rules.title')}>
      <p className="mb-2 text-ink-soft">{t('workshop.rules.text')}</p>
      <Loaded query={rules} what={t('shelf.loading')}>
        {(row) => <Rules rules={row} />}
      </Loaded>
    </Panel>
  )
}
