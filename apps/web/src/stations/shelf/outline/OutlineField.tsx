import type { DieRow } from '@bold-heron/schema'
import { useFormContext } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { OutlineDrawing } from '../../../drawing/outline/OutlineDrawing.js'
import { sayFormats } from '../../../text/say-format.js'
import { Badge } from '../../../ui/Badge.js'
import { LacinessField } from './LacinessField.js'
import { MeasuredOutline } from './MeasuredOutline.js'
import { OutlineActions, readFormats } from './OutlineActions.js'
import { type RefusedDrawing, useOutline } from './use-outline.js'

const RefusedFile = ({ name, fault }: RefusedDrawing) => {
  const { t } = useTranslation()
  const code = fault === 'took-too-long' ? fault : fault.code
  const met = fault === 'took-too-long' || fault.value === undefined ? '' : String(fault.value).slice(0, 60)
  return (
    <p role="alert" className="rounded-md border border-danger/50 bg-danger-wash p-3 text-danger">
      <strong>{t('shelf.outline.refused', { name })}</strong> {t(`shelf.outline.fault.${code}`)}
      {met !== '' && ` (${met})`}
    </p>
  )
}

/** The die's cutting lines: read from a drawing, or a stand-in for them; shown and measured. */
export const OutlineField = ({ row }: { readonly row?: DieRow | undefined }) => {
  const { t, i18n } = useTranslation()
  const { setValue } = useFormContext()
  const outline = useOutline(row)
  const { view, isStandIn, notes, dieClass, laciness, lengthMm, widthMm } = outline
  return (
    <fieldset className="rounded-md border border-line p-3 sm:col-span-2">
      <legend className="px-1 font-bold">{t('shelf.outline.title')}</legend>
      <p className="mb-2 text-sm text-ink-soft">
        {t('shelf.outline.text', { formats: sayFormats(i18n.language, readFormats) })}
      </p>
      {outline.refused && <RefusedFile {...outline.refused} />}
      <div className="grid gap-4 sm:grid-cols-[minmax(0,1fr)_14rem]">
        <figure>
          {view ? (
            <OutlineDrawing view={view} className="mx-auto block h-52 w-full" spoken={t('shelf.outline.spoken')} />
          ) : (
            <div className="grid h-52 place-items-center text-ink-soft">{t('shelf.outline.loading')}</div>
          )}
          <figcaption className="flex items-center justify-between text-sm text-ink-soft">
            <span>{t('shelf.outline.feed')} →</span>
            {isStandIn ? (
              <Badge tone="warn">{t('shelf.outline.estimated')}</Badge>
            ) : (
              <span className="truncate pl-2">{outline.fileName}</span>
            )}
          </figcaption>
        </figure>
        <div className="flex flex-col gap-2">
          {view && (
            <MeasuredOutline
              measures={view.measures}
              isStandIn={isStandIn}
              typed={{ lengthMm, widthMm, dieClass }}
              onTakeSize={() => outline.takeSize(view)}
              onTakeClass={() => setValue('dieClass', view.measures.suggests, { shouldDirty: true })}
            />
          )}
          {notes.length > 0 && (
            <ul className="list-disc pl-5 text-sm">
              {notes.map((note) => (
                <li key={note}>{t(`shelf.outline.note.${note}`)}</li>
              ))}
            </ul>
          )}
        </div>
      </div>
      {isStandIn && <LacinessField dieClass={dieClass} laciness={laciness} />}
      <OutlineActions outline={outline} />
    </fieldset>
  )
}
