import {
  basesOfSheet,
  type BuildSection,
  cardOfFront,
  envelopesThatHold,
  FLUSH_WITHIN_MM,
  piecesWanted,
  scoresFor,
} from '@bold-heron/core'
import type { BuildInput, SheetRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { useLengths } from '../../text/lengths.js'
import { Badge } from '../../ui/Badge.js'

/** What the layers of a build add up to: height, envelope, scores, pieces and sheets, and how long glue dries. */
export const BuildSum = ({
  build,
  section,
  sheets,
}: {
  readonly build: BuildInput
  readonly section: BuildSection
  readonly sheets: ReadonlyMap<string, SheetRow>
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { frontWidthMm, frontHeightMm, mostHighMm, wanted, layers } = build
  const [long, short] = [Math.max(frontWidthMm, frontHeightMm), Math.min(frontWidthMm, frontHeightMm)]
  const [envelope] = envelopesThatHold(long, short, section.heightMm)
  const tooHigh = mostHighMm !== null && section.heightMm > mostHighMm
  const open = cardOfFront(build.base, frontWidthMm, frontHeightMm)
  const baseSheet = sheets.get(layers[0]?.sheetId ?? '')
  const scores = open.fold && baseSheet ? scoresFor(open.fold.atMm, baseSheet.caliperMm) : []
  const { pieces: perSheet, fold } = baseSheet ? basesOfSheet(baseSheet, open) : { pieces: 0, fold: undefined }
  const needed = perSheet > 0 ? Math.ceil(wanted / perSheet) : 0
  return (
    <div className="space-y-2">
      <p className="text-lg font-bold">
        {t('cards.build.height', { height: lengths.thickness(section.heightMm) })}{' '}
        {mostHighMm !== null && (
          <Badge tone={tooHigh ? 'danger' : 'clean'}>
            {t(tooHigh ? 'cards.build.tooHigh' : 'cards.build.lowEnough', { limit: lengths.thickness(mostHighMm) })}
          </Badge>
        )}
      </p>
      <p>
        {envelope
          ? t('cards.build.envelope', { id: envelope.id, size: lengths.area(envelope.longMm, envelope.shortMm) })
          : t('cards.build.noEnvelope')}{' '}
        <Link to={`/cards/envelope?long=${long}&short=${short}`}>{t('cards.build.foldOne')}</Link>
      </p>
      {scores.length > 0 && (
        <p>
          {t(scores.length === 1 ? 'cards.build.score' : 'cards.build.doubleScore', {
            at: scores.map((mm) => lengths.place(mm)).join(' · '),
          })}
        </p>
      )}
      {needed > 0 && baseSheet && (
        <p>
          {t('cards.build.needed', { count: needed, pieces: perSheet, sheet: baseSheet.name })}
          {fold && <> {t(`cards.build.fold.${fold}`)}</>}
          {needed > baseSheet.stock && <> {t('cards.build.short', { count: needed - baseSheet.stock })}</>}
        </p>
      )}
      {section.dryingMinutes > 0 && <p>{t('cards.build.drying', { minutes: section.dryingMinutes })}</p>}
      <ul className="list-disc pl-5">
        {layers.map((layer, at) => {
          const placed = section.layers[at]
          const pieces = piecesWanted(wanted, layer)
          return (
            <li key={layer.id}>
              {t('cards.build.pieces', {
                count: pieces,
                name: layer.name || t('cards.build.layer', { count: at + 1 }),
              })}
              {placed && layer.lies === 'in' && at > 0 && (
                <>
                  {' '}
                  {Math.abs(placed.proudMm) <= FLUSH_WITHIN_MM
                    ? t('cards.build.flush')
                    : t(placed.proudMm > 0 ? 'cards.build.proud' : 'cards.build.deep', {
                        by: lengths.thickness(Math.abs(placed.proudMm)),
                      })}
                </>
              )}
            </li>
          )
        })}
      </ul>
    </div>
  )
}
