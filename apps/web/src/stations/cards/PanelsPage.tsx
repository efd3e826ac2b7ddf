import { type BaseKind, baseKinds, cardOfFront, basesOfSheet, matOf, type PanelSize, scoresFor } from '@bold-heron/core'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useEveryRow } from '../../data/rows.js'
import { RowPicker } from '../../drawing/pick/RowPicker.js'
import { useLengths } from '../../text/lengths.js'
import { Choice } from '../../ui/Choice.js'
import { Field } from '../../ui/Field.js'
import { LengthInput, NumberInput } from '../../ui/form/LengthInput.js'

const MOST_MATS = 5

/** Panel and mats, one in another, the first as large as the front; each leaves the margin of the one before in view. */
const matsOf = (front: PanelSize, mats: number, marginMm: number, footMm: number): PanelSize[] => {
  const sizes = [front]
  for (let at = 0; at < mats; at++) {
    const last = sizes.at(-1) as PanelSize
    const next = matOf(last.widthMm, last.heightMm, marginMm, footMm)
    if (!next) break
    sizes.push(next)
  }
  return sizes
}

const Drawing = ({ sizes, marginMm, spoken }: { sizes: readonly PanelSize[]; marginMm: number; spoken: string }) => {
  const [front] = sizes as [PanelSize]
  return (
    <svg
      role="img"
      aria-label={spoken}
      viewBox={`-2 -2 ${front.widthMm + 4} ${front.heightMm + 4}`}
      className="block max-h-96 w-full max-w-sm"
    >
      {sizes.map(({ widthMm, heightMm }, at) => (
        <rect
          key={at}
          x={at * marginMm}
          y={at * marginMm}
          width={widthMm}
          height={heightMm}
          fill={at % 2 === 0 ? 'var(--color-paper)' : 'var(--color-sunk)'}
          stroke="var(--color-ink)"
          vectorEffect="non-scaling-stroke"
        />
      ))}
    </svg>
  )
}

/** A base with its score, the mats on its front, and the liner inside. */
export const Component = () => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const [base, setBase] = useState<BaseKind>('side-fold')
  const [front, setFront] = useState<PanelSize>({ widthMm: 105, heightMm: 148 })
  const [mats, setMats] = useState(2)
  const [marginMm, setMargin] = useState(3)
  const [footMm, setFoot] = useState(3)
  const [sheetId, setSheetId] = useState('')
  const sheet = useEveryRow('sheets').data?.find(({ id }) => id === sheetId)
  const open = cardOfFront(base, front.widthMm, front.heightMm)
  const sizes = matsOf(front, mats, marginMm, footMm)
  const liner = matOf(open.widthMm, open.heightMm, marginMm)
  const scores = open.fold ? scoresFor(open.fold.atMm, sheet?.caliperMm ?? 0) : []
  const bases = sheet && basesOfSheet(sheet, open)
  return (
    <div className="grid items-start gap-6 md:grid-cols-2">
      <div className="space-y-3">
        <Choice
          label={t('cards.build.base')}
          value={base}
          options={baseKinds.map((each) => ({ value: each, text: t(`cards.build.bases.${each}`) }))}
          onChange={setBase}
        />
        <div className="flex flex-wrap gap-3">
          <LengthInput
            label={t('cards.build.frontWidth')}
            mm={front.widthMm}
            leastMm={10}
            onChange={(widthMm) => setFront({ ...front, widthMm })}
          />
          <LengthInput
            label={t('cards.build.frontHeight')}
            mm={front.heightMm}
            leastMm={10}
            onChange={(heightMm) => setFront({ ...front, heightMm })}
          />
        </div>
        <div className="flex flex-wrap gap-3">
          <NumberInput
            label={t('cards.panels.mats')}
            value={mats}
            step={1}
            least={0}
            most={MOST_MATS}
            onChange={setMats}
          />
          <LengthInput label={t('cards.panels.margin')} mm={marginMm} leastMm={0} onChange={setMargin} />
          <LengthInput label={t('cards.panels.foot')} mm={footMm} leastMm={0} onChange={setFoot} />
        </div>
        <Field label={t('cards.panels.sheet')}>
          {(ids) => (
            <RowPicker kind="sheets" label={t('cards.panels.sheet')} ids={ids} value={sheetId} onPick={setSheetId} />
          )}
        </Field>
        <p className="text-xl font-bold">
          {t('cards.panels.base', { size: lengths.area(open.widthMm, open.heightMm) })}
        </p>
        {scores.length > 0 && (
          <p>
            {t(scores.length === 1 ? 'cards.build.score' : 'cards.build.doubleScore', {
              at: scores.map((mm) => lengths.place(mm)).join(' · '),
            })}
          </p>
        )}
        {bases && (
          <p>
            {t('cards.panels.fromSheet', { count: bases.pieces })} {bases.fold && t(`cards.build.fold.${bases.fold}`)}
          </p>
        )}
        <ol className="list-decimal pl-5">
          {sizes.slice(1).map(({ widthMm, heightMm }, at) => (
            <li key={at}>{t('cards.panels.mat', { size: lengths.area(widthMm, heightMm) })}</li>
          ))}
        </ol>
        {liner && <p>{t('cards.panels.liner', { size: lengths.area(liner.widthMm, liner.heightMm) })}</p>}
      </div>
      <Drawing sizes={sizes} marginMm={marginMm} spoken={t('cards.panels.spoken', { count: sizes.length - 1 })} />
    </div>
  )
}
