import {
  envelopeFor,
  envelopesThatHold,
  envelopeTemplate,
  flapsOf,
  foldingSteps,
  USUAL_CLEARANCE_MM,
} from '@bold-heron/core'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useSearchParams } from 'react-router'
import { TemplateDownloads } from '../../drawing/template/TemplateDownloads.js'
import { TemplateDrawing } from '../../drawing/template/TemplateDrawing.js'
import { useLengths } from '../../text/lengths.js'
import { LengthInput } from '../../ui/form/LengthInput.js'

const LONGEST_MM = 1000
const asked = (text: string | null, otherwise: number): number => {
  const mm = Number(text)
  return text !== null && mm >= 10 && mm <= LONGEST_MM ? mm : otherwise
}

/** The envelope of a card: one that is bought, or one folded from a square, with its template. */
export const Component = () => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { unit } = lengths.style
  const [query] = useSearchParams()
  const [longMm, setLong] = useState(() => asked(query.get('long'), 148))
  const [shortMm, setShort] = useState(() => asked(query.get('short'), 105))
  const [clearanceMm, setClearance] = useState<number>()
  const [heightMm, setHeight] = useState(1)
  const [long, short] = [Math.max(longMm, shortMm), Math.min(longMm, shortMm)]
  const room = clearanceMm ?? USUAL_CLEARANCE_MM[unit]
  const envelope = envelopeFor(long, short, unit, room)
  const { overlapMm, trimMm } = flapsOf(envelope)
  const lines = envelopeTemplate(envelope)
  const bought = envelopesThatHold(long, short, heightMm)
  const values = {
    square: lengths.place(envelope.squareMm),
    score: lengths.place(envelope.scoreMm),
    inner: lengths.area(envelope.innerLongMm, envelope.innerShortMm),
    overlap: lengths.size(overlapMm),
    trim: lengths.size(trimMm),
  }
  return (
    <div className="grid items-start gap-6 md:grid-cols-2">
      <div className="space-y-3">
        <div className="flex flex-wrap gap-3">
          <LengthInput label={t('cards.envelope.long')} mm={longMm} leastMm={10} onChange={setLong} />
          <LengthInput label={t('cards.envelope.short')} mm={shortMm} leastMm={10} onChange={setShort} />
          <LengthInput
            label={t('cards.envelope.height')}
            mm={heightMm}
            leastMm={0}
            shown={lengths.thickness}
            onChange={setHeight}
          />
          <LengthInput label={t('cards.envelope.clearance')} mm={room} leastMm={0} onChange={setClearance} />
        </div>
        <p className="text-xl font-bold">{t('cards.envelope.square', values)}</p>
        <p>{t('cards.envelope.scores', values)}</p>
        <p>{t('cards.envelope.inner', values)}</p>
        <p>
          {overlapMm > 0 ? t('cards.envelope.overlap', values) : t('cards.envelope.seal')}
          {trimMm > 0 && <> {t('cards.envelope.trim', values)}</>}
        </p>
        <ol className="list-decimal pl-5">
          {foldingSteps.map((step) => (
            <li key={step}>{t(`cards.envelope.steps.${step}`)}</li>
          ))}
        </ol>
        <TemplateDownloads lines={lines} title={t('cards.envelope.file')} seen={t('cards.envelope.seen')} />
        <h2 className="text-lg">{t('cards.envelope.bought')}</h2>
        {bought.length === 0 ? (
          <p>{t('cards.build.noEnvelope')}</p>
        ) : (
          <ul className="flex flex-wrap gap-2">
            {bought.slice(0, 4).map((each) => (
              <li key={each.id} className="rounded-md border border-line px-3 py-1">
                <strong>{each.id}</strong> {lengths.area(each.longMm, each.shortMm)}
              </li>
            ))}
          </ul>
        )}
        <p className="text-sm text-ink-soft">{t('cards.envelope.source')}</p>
      </div>
      <TemplateDrawing lines={lines} spoken={t('cards.envelope.spoken', values)} className="w-full max-w-lg" />
    </div>
  )
}
