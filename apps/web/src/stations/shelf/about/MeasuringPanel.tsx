import { measuringWorth } from '@bold-heron/core'
import { type PlateRow, type PressRow, toPress } from '@bold-heron/schema'
import { useMemo } from 'react'
import { useTranslation } from 'react-i18next'
import { useGap } from '../../../data/plan.js'
import { useEveryRow } from '../../../data/rows.js'
import { useLengths } from '../../../text/lengths.js'
import { Panel } from '../../../ui/Panel.js'
import { usePlates } from '../known-good/use-plates.js'

/** What measuring a plate would be worth on a press, whose gap is not known for certain either. */
const WorthOn = ({ press, row }: { readonly press: PressRow; readonly row: PlateRow }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { byId } = usePlates()
  const known = useMemo(() => toPress(press, byId), [press, byId])
  const gap = useGap(known).data
  if (!gap) return null
  const { nowMm, thenMm } = measuringWorth(row.thicknessMm, row.measuredBy, gap.gapSpreadMm)
  return (
    <p className="text-ink-soft">
      {t('shelf.about.worth', {
        press: press.name,
        now: lengths.thickness(nowMm),
        then: lengths.thickness(thenMm),
      })}
    </p>
  )
}

/** How sure a plate's thickness is, and what measuring it would be worth on the presses that it lies at. */
export const MeasuringPanel = ({ row }: { readonly row: PlateRow }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const presses = useEveryRow('presses').data ?? []
  const { spreadMm, measuredSpreadMm } = measuringWorth(row.thicknessMm, row.measuredBy, 0)
  const isSure = spreadMm <= measuredSpreadMm
  return (
    <Panel title={t('shelf.about.sure')}>
      <p>
        {t(isSure ? 'shelf.about.isSure' : 'shelf.about.unsure', {
          height: lengths.thickness(row.thicknessMm),
          by: t(`words.measuredBy.${row.measuredBy}`),
          spread: lengths.thickness(spreadMm),
          measured: lengths.thickness(measuredSpreadMm),
        })}
      </p>
      {!isSure &&
        presses
          .filter(({ id }) => row.pressId === null || row.pressId === id)
          .map((press) => <WorthOn key={press.id} press={press} row={row} />)}
    </Panel>
  )
}
