import { padFaces } from '@bold-heron/core'
import type { PadWearRow, PlateRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { usePadWear } from '../../../data/pad-wear.js'
import { PadFaceDrawing } from '../../../drawing/pad/PadFaceDrawing.js'
import { useLengths } from '../../../text/lengths.js'
import { Badge } from '../../../ui/Badge.js'
import { Panel } from '../../../ui/Panel.js'
import { Loaded } from '../../../ui/states.js'

const tones = { fresh: 'clean', even: 'clean', 'bend-back': 'warn', 'nearly-done': 'warn', retire: 'danger' } as const

const Wear = ({ wear, pieces }: { readonly wear: PadWearRow; readonly pieces: number }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  return (
    <div className="space-y-3">
      <p>
        <Badge tone={tones[wear.advice]}>{t(`shelf.wear.adviceName.${wear.advice}`)}</Badge>{' '}
        {t(`shelf.wear.advice.${wear.advice}`)}
      </p>
      {wear.passesLeft !== null && <p>{t('shelf.wear.left', { count: Math.round(wear.passesLeft) })}</p>}
      <div className="grid grid-cols-2 gap-4">
        {padFaces.map((face) => {
          const { passes, cutMm, zonesMm } = wear.faces[face]
          const said = t('shelf.wear.borne', {
            passes: t('shelf.wear.passes', { count: Math.round(passes) }),
            length: lengths.long(cutMm),
          })
          return (
            <figure key={face}>
              <PadFaceDrawing
                columns={wear.columns}
                rows={wear.rows}
                zoneMm={wear.zoneMm}
                zonesMm={zonesMm}
                spoken={`${t(`shelf.wear.face.${face}`)}: ${said}`}
              />
              <figcaption className="text-center text-sm">
                <strong>{t(`shelf.wear.face.${face}`)}</strong> · {said}
              </figcaption>
            </figure>
          )
        })}
      </div>
      <p>{t('shelf.wear.bow', { bow: lengths.thickness(Math.abs(wear.bowMm)) })}</p>
      {pieces > 1 && <p className="text-sm text-ink-soft">{t('shelf.wear.pieces', { count: pieces })}</p>}
      <p className="text-sm text-ink-soft">{t('shelf.wear.how')}</p>
    </div>
  )
}

/** What a pad has borne, face by face and place by place; for cutting pads only. */
export const PadWearPanel = ({ row }: { readonly row: PlateRow }) => {
  const { t } = useTranslation()
  const all = usePadWear()
  if (row.kind !== 'cutting-pad') return null
  return (
    <Panel title={t('shelf.wear.title')}>
      <Loaded query={all} what={t('shelf.wear.loading')}>
        {(pads) => {
          const wear = pads.find((pad) => pad.plateId === row.id)
          return wear ? (
            <Wear wear={wear} pieces={row.count} />
          ) : (
            <p className="text-ink-soft">{t('shelf.wear.none')}</p>
          )
        }}
      </Loaded>
    </Panel>
  )
}
