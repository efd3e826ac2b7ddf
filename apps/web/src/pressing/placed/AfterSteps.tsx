import { type Die, edgeMarksOf, type Placement, pressesBothHalves, wordOnCrease } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'
import type { PlacementView } from '../../workers/view-of.js'
import { LinerDrawing } from './LinerDrawing.js'
import { useSayMark } from './say-mark.js'

/** What is done with a card once its runs are pressed: the knife's cuts, and what a fold, a word on it, or halves along it ask for. */
export const AfterSteps = ({
  placement,
  view,
  dieOf,
}: {
  readonly placement: Placement
  readonly view: PlacementView
  readonly dieOf: (id: string) => Die | undefined
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const sayMark = useSayMark()
  const { card, runs } = placement
  const { fold } = card
  const word = wordOnCrease(placement, dieOf)
  const halves = fold && runs.some(pressesBothHalves)
  const foldLine =
    fold &&
    edgeMarksOf(
      fold.runs === 'level'
        ? { xMm: 0, yMm: fold.atMm, angleDeg: 0, presses: 'above' }
        : { xMm: fold.atMm, yMm: 0, angleDeg: 90, presses: 'above' },
      card,
    )
  const knife = view.knife.cuts
  if (knife.length === 0 && !fold) return null
  const liner = word ? lengths.area(word.liner.widthMm, word.liner.heightMm) : ''
  return (
    <section className="break-inside-avoid">
      <h3 className="mt-3 text-lg">{t('place.steps.afterTitle')}</h3>
      {knife.length > 0 && <p>{t('place.reads.knifeCare')}</p>}
      <ol className="list-decimal pl-8">
        {knife.map((cut, index) => (
          <li key={index}>
            {t('place.steps.knife', { how: t(`place.reads.${cut.how}`), length: lengths.place(cut.lengthMm) })}
          </li>
        ))}
        {knife.length > 0 && <li>{t('place.steps.waste')}</li>}
        {word && foldLine ? (
          <>
            <li>{t('place.steps.word.score', { marks: foldLine.map(sayMark).join(', ') })}</li>
            <li>{t('place.steps.word.burnish')}</li>
            <li>{t('place.steps.word.erase')}</li>
            <li>{t('place.steps.word.liners', { size: liner })}</li>
            <li>{t('place.steps.word.glue')}</li>
          </>
        ) : halves ? (
          <li>
            {t(view.findings.some(({ code }) => code === 'half-hangs') ? 'place.steps.snip' : 'place.steps.unfolded')}
          </li>
        ) : (
          fold && <li>{t('place.steps.score')}</li>
        )}
      </ol>
      {word && <LinerDrawing liner={word.liner} />}
    </section>
  )
}
