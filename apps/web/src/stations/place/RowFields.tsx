import { editRun, frontOf, type PlacedRun, setInRow } from '@bold-heron/core'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Button } from '../../ui/Button.js'
import { Choice } from '../../ui/Choice.js'
import { LengthInput } from '../../ui/form/LengthInput.js'
import { useSay } from '../../ui/toasts.js'
import { dieFinder } from './dies-of.js'
import type { PanelProps } from './panel-props.js'

/** Dies side by side on the line, such as the letters of a word. */
export const RowFields = (props: PanelProps) => {
  const { t } = useTranslation()
  const say = useSay()
  const { placement, onChange } = props
  const dieOf = dieFinder(props)
  const run = placement.runs[placement.runInHand] as PlacedRun
  const [gap, setGap] = useState<'even' | 'eye'>('even')
  const [gapMm, setGapMm] = useState(3)
  const [overlapMm, setOverlapMm] = useState(2)
  const { line } = run
  if (!line || line.angleDeg % 180 !== 0 || line.presses !== 'above' || run.dies.length === 0) return null
  const set = () => {
    const front = frontOf(placement.card)
    const dies = run.dies.flatMap((laid) => dieOf(laid.dieId) ?? [])
    const poses = setInRow(dies, {
      fromMm: front.fromX,
      toMm: front.toX,
      lineMm: line.yMm,
      overlapMm,
      gapMm: gap === 'eye' ? gapMm : undefined,
    })
    if (!poses) return say(t('place.things.rowNot'), { tone: 'danger' })
    onChange(editRun((each) => ({ ...each, dies: each.dies.map((laid, at) => ({ ...laid, ...poses[at] })) })))
  }
  return (
    <details className="rounded-md border border-line p-2">
      <summary className="font-bold">{t('place.things.row')}</summary>
      <div className="mt-1 flex flex-wrap items-end gap-2">
        <Choice
          label={t('place.things.rowGap')}
          value={gap}
          options={[
            { value: 'even', text: t('place.things.rowEven') },
            { value: 'eye', text: t('place.things.rowEye') },
          ]}
          onChange={setGap}
        />
        {gap === 'eye' && <LengthInput label={t('place.things.rowGap')} mm={gapMm} leastMm={0} onChange={setGapMm} />}
        <LengthInput label={t('place.things.overlap')} mm={overlapMm} leastMm={0} onChange={setOverlapMm} />
        <Button onClick={set}>{t('place.things.rowDo')}</Button>
      </div>
    </details>
  )
}
