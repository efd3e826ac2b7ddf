import { type BorderKind, type TemplateLine } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { TemplateDownloads } from '../../../drawing/template/TemplateDownloads.js'
import { TemplateDrawing } from '../../../drawing/template/TemplateDrawing.js'
import { Choice } from '../../../ui/Choice.js'
import { Panel } from '../../../ui/Panel.js'
import type { BorderInHand } from './BorderSettings.js'
import { BorderSum } from './BorderSum.js'
import type { RibbonPart } from './ribbon-in-hand.js'

/** The strip with what is cut along it, the part in hand in words, and its marks of true size. */
export const BorderStrip = ({
  name,
  kind,
  parts,
  part,
  marks,
  onShow,
  onChange,
}: {
  /** The job's. */
  readonly name: string
  readonly kind: BorderKind | undefined
  readonly parts: readonly RibbonPart[]
  readonly part: RibbonPart | undefined
  readonly marks: readonly TemplateLine[]
  readonly onShow: (at: number) => void
  readonly onChange: (change: Partial<BorderInHand>) => void
}) => {
  const { t } = useTranslation()
  return (
    <div className="space-y-4">
      <Panel title={t('place.border.title', { name })}>
        {kind === 'lattice' && <p className="mb-2">{t('place.border.kind.lattice')}</p>}
        {(kind === 'closed' || kind === 'no-line-through') && (
          <p className="mb-2 rounded-md border border-danger bg-danger-wash p-2">
            <strong aria-hidden>▲ </strong>
            {t(`place.border.kind.${kind}`)}
          </p>
        )}
        {part && parts.length > 1 && (
          <Choice
            label={t('place.border.edge')}
            value={part.is}
            options={parts.map(({ is }) => ({ value: is, text: t(`place.border.part.${is}`) }))}
            onChange={(is) => onShow(parts.findIndex((each) => each.is === is))}
          />
        )}
        {part ? (
          <>
            <section className="overflow-x-auto" aria-label={t('place.border.strip')} tabIndex={0}>
              <TemplateDrawing
                lines={marks}
                spoken={t('place.border.spoken', { count: part.edge.cuts.length })}
                className="min-w-[36rem]"
              />
            </section>
            <BorderSum
              border={part.border}
              edge={part.edge}
              second={part.is === 'edge2'}
              mayChange={part === parts[0]}
              onChange={onChange}
            />
          </>
        ) : (
          <p>{t('place.border.mend')}</p>
        )}
      </Panel>
      {part && (
        <Panel title={t('place.border.marks')}>
          <p className="mb-2">{t('place.border.marksText')}</p>
          <TemplateDownloads
            lines={marks}
            title={
              parts.length > 1
                ? t('place.border.filePart', { name, part: t(`place.border.part.${part.is}`) })
                : t('place.border.file', { name })
            }
            seen={t('place.border.seen')}
          />
        </Panel>
      )}
    </div>
  )
}
