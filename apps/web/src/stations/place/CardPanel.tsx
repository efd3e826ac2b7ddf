import { useLengths } from '../../text/lengths.js'
import {
  baseKinds,
  type BaseKind,
  type Card,
  cardOfFront,
  frontOf,
  makeWordCard,
  matOf,
  usualFronts,
  wordOnFold,
} from '@bold-heron/core'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Button } from '../../ui/Button.js'
import { Choice } from '../../ui/Choice.js'
import { LengthInput } from '../../ui/form/LengthInput.js'
import { dieFinder } from './dies-of.js'
import { PanelRound } from './PanelRound.js'
import type { PanelProps } from './panel-props.js'

const kindOf = ({ fold }: Card): BaseKind => (fold ? (fold.runs === 'upright' ? 'side-fold' : 'top-fold') : 'panel')

/** The card component's sizes: fronts that are usual, folds, mats, and those for a word on a fold. */
export const CardPanel = (props: PanelProps) => {
  const { placement, onChange } = props
  const lengths = useLengths()
  const { t } = useTranslation()
  const { card } = placement
  const [marginMm, setMarginMm] = useState(3)
  const [lineMm, setLineMm] = useState(76.2)
  const [overlapMm, setOverlapMm] = useState(2)
  const front = frontOf(card)
  const [frontW, frontH] = [front.toX - front.fromX, front.toY - front.fromY]
  const setCard = (next: Card) => onChange((now) => ({ ...now, card: next }))
  const mat = matOf(frontW, frontH, marginMm)
  const word = wordOnFold(lineMm, overlapMm)
  return (
    <div className="space-y-3">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <span>{t('place.card.kind')}</span>
        <Choice
          label={t('place.card.kind')}
          value={kindOf(card)}
          options={baseKinds.map((kind) => ({ value: kind, text: t(`place.card.kinds.${kind}`) }))}
          onChange={(kind) => setCard(cardOfFront(kind, frontW, frontH))}
        />
      </div>
      <div>
        <h2 className="font-bold text-base">{t('place.card.usualLabel')}</h2>
        <div className="flex flex-wrap gap-1">
          {usualFronts.map(({ id, widthMm, heightMm }) => (
            <Button
              key={id}
              className="min-h-9 py-1"
              onClick={() => setCard(cardOfFront(kindOf(card), widthMm, heightMm))}
            >
              {t(`place.card.usual.${id}`)}
            </Button>
          ))}
        </div>
      </div>
      <div>
        <h2 className="font-bold text-base">{t('place.card.size')}</h2>
        <div className="flex gap-2">
          <LengthInput
            label={t('place.things.width')}
            mm={card.widthMm}
            leastMm={10}
            onChange={(widthMm) => setCard({ ...card, widthMm })}
          />
          <LengthInput
            label={t('place.things.height')}
            mm={card.heightMm}
            leastMm={10}
            onChange={(heightMm) => setCard({ ...card, heightMm })}
          />
          {card.fold && (
            <LengthInput
              label={t('place.card.fold')}
              mm={card.fold.atMm}
              leastMm={1}
              onChange={(atMm) => {
                const whole = card.fold?.runs === 'upright' ? card.widthMm : card.heightMm
                if (card.fold) setCard({ ...card, fold: { ...card.fold, atMm: Math.min(atMm, whole - 1) } })
              }}
            />
          )}
        </div>
      </div>
      <PanelRound {...props} />
      <div>
        <h2 className="font-bold text-base">{t('place.card.mat')}</h2>
        <div className="flex items-end gap-2">
          <LengthInput label={t('place.card.matMargin')} mm={marginMm} leastMm={0} onChange={setMarginMm} />
          <p className="flex-2">
            {mat
              ? t('place.card.matIs', { size: `${lengths.place(mat.widthMm)} × ${lengths.place(mat.heightMm)}` })
              : t('place.card.matNone')}
          </p>
        </div>
      </div>
      <div>
        <h2 className="font-bold text-base">{t('place.card.word')}</h2>
        <div className="flex items-end gap-2">
          <LengthInput label={t('place.card.wordLine')} mm={lineMm} leastMm={5} onChange={setLineMm} />
          <LengthInput label={t('place.things.overlap')} mm={overlapMm} leastMm={0} onChange={setOverlapMm} />
        </div>
        <p className="my-1">
          {t('place.card.wordIs', {
            panel: lengths.place(word.panelMm),
            score: lengths.place(word.scoreMm),
            liner: lengths.place(word.linerMm),
          })}
        </p>
        <Button onClick={() => onChange(makeWordCard(dieFinder(props), lineMm, overlapMm))}>
          {t('place.card.wordDo')}
        </Button>
      </div>
    </div>
  )
}
