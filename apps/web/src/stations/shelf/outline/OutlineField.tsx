import { type DieClass, type Fault, factsOfDieClass } from '@bold-heron/core'
import { type DrawingFaultCode, drawingLimits, type DrawingNote, type Format, formats } from '@bold-heron/formats'
import type { DieRow } from '@bold-heron/schema'
import { Download, ScanLine, Undo2, Upload, X } from 'lucide-react'
import { useState } from 'react'
import { useFormContext, useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { useStandIn, useStoredOutline } from '../../../data/outlines.js'
import { OutlineDrawing } from '../../../drawing/outline/OutlineDrawing.js'
import { useLengths } from '../../../text/lengths.js'
import { sayFormat, sayFormats } from '../../../text/say-format.js'
import { Badge } from '../../../ui/Badge.js'
import { Button } from '../../../ui/Button.js'
import { FilePicker } from '../../../ui/FilePicker.js'
import { length } from '../../../ui/form/codec.js'
import { saveText } from '../../../ui/save-file.js'
import { drawing, readInTime } from '../../../workers/drawing.js'
import type { OutlineView } from '../../../paths/outline-view.js'
import { TraceDialog } from '../trace/TraceDialog.js'
import { OutlineChoice } from './die-form.js'
import { LacinessField } from './LacinessField.js'
import { MeasuredOutline } from './MeasuredOutline.js'

const size = length('size')
const readFormats = formats.filter((format) => format.read)
const writtenFormats = formats.filter((format) => format.write)
const acceptedDrawings = readFormats.flatMap(({ ending, mimeType }) => [`.${ending}`, mimeType]).join(',')

/** The name of a file is kept for the record, as long as the record takes it. */
const LONGEST_NAME = 80

type Refused = Fault<DrawingFaultCode> | 'took-too-long'

/** What was just read from a file. */
interface Fresh {
  readonly view: OutlineView
  readonly notes: readonly DrawingNote[]
}

/** A length of the form in mm while it can be read, else a usual one, so that the stand-in has a shape. */
const useTypedMm = (name: string, otherwise: number): number => {
  const { style } = useLengths()
  const read = size.read(useWatch({ name }), style)
  return read.ok && read.value >= 1 && read.value <= 2000 ? read.value : otherwise
}

const RefusedFile = ({ name, fault }: { readonly name: string; readonly fault: Refused }) => {
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
  const lengths = useLengths()
  const readable = sayFormats(i18n.language, readFormats)
  const { setValue, getValues } = useFormContext()
  const { outline } = useWatch({ name: 'outline' }) as OutlineChoice
  const dieClass = useWatch({ name: 'dieClass' }) as DieClass
  const laciness = (useWatch({ name: 'laciness' }) as number | null) ?? factsOfDieClass(dieClass).laciness
  const lengthMm = useTypedMm('lengthMm', 80)
  const widthMm = useTypedMm('widthMm', 60)
  const [fresh, setFresh] = useState<Fresh>()
  const [refused, setRefused] = useState<{ name: string; fault: Refused }>()
  const [isReading, setReading] = useState(false)
  const [isTracing, setTracing] = useState(false)
  const stored = useStoredOutline(row)
  const keepsStored = outline === undefined && row?.outline != null
  const isStandIn = outline === null || (outline === undefined && !keepsStored)
  const standIn = useStandIn({ dieClass, lengthMm, widthMm, laciness }, isStandIn)
  const view = isStandIn ? standIn.data : keepsStored ? stored.data?.view : fresh?.view
  const lines = isStandIn ? undefined : keepsStored ? stored.data?.outline.lines : outline?.lines
  const fileName = keepsStored ? row.outline?.fileName : outline?.fileName

  const choose = (choice: OutlineChoice) => setValue('outline', choice, { shouldDirty: true })
  const takeSize = ({ measures }: OutlineView) => {
    setValue('lengthMm', size.write(Math.round(measures.lengthMm * 100) / 100, lengths.style), { shouldDirty: true })
    setValue('widthMm', size.write(Math.round(measures.widthMm * 100) / 100, lengths.style), { shouldDirty: true })
  }
  const pick = async (file: File) => {
    setRefused(undefined)
    if (file.size > drawingLimits.fileSize) {
      setRefused({ name: file.name, fault: { code: 'file-too-large', path: '', value: `${file.size} B` } })
      return
    }
    setReading(true)
    try {
      const read = await readInTime(file.name, await file.text())
      if (read === 'took-too-long') return setRefused({ name: file.name, fault: read })
      if (!read.ok) return setRefused({ name: file.name, fault: read.fault })
      setFresh({ view: read.view, notes: read.notes })
      takeSize(read.view)
      choose(
        new OutlineChoice({
          source: 'drawing',
          fileName: file.name.slice(0, LONGEST_NAME),
          lines: [...read.lines.map((line) => [...line])],
        }),
      )
    } finally {
      setReading(false)
    }
  }
  const save = async ({ ending }: Format) => {
    const name = String(getValues('name') || t('shelf.one.dies'))
    const fileName = `${name}.${ending}`
    saveText(fileName, await drawing().write(fileName, lines ?? [], name))
  }

  return (
    <fieldset className="rounded-md border border-line p-3 sm:col-span-2">
      <legend className="px-1 font-bold">{t('shelf.outline.title')}</legend>
      <p className="mb-2 text-sm text-ink-soft">{t('shelf.outline.text', { formats: readable })}</p>
      {refused && <RefusedFile {...refused} />}
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
              <span className="truncate pl-2">{fileName}</span>
            )}
          </figcaption>
        </figure>
        <div className="flex flex-col gap-2">
          {view && (
            <MeasuredOutline
              measures={view.measures}
              isStandIn={isStandIn}
              typed={{ lengthMm, widthMm, dieClass }}
              onTakeSize={() => takeSize(view)}
              onTakeClass={() => setValue('dieClass', view.measures.suggests, { shouldDirty: true })}
            />
          )}
          {!isStandIn && !keepsStored && fresh && fresh.notes.length > 0 && (
            <ul className="list-disc pl-5 text-sm">
              {fresh.notes.map((note) => (
                <li key={note}>{t(`shelf.outline.note.${note}`)}</li>
              ))}
            </ul>
          )}
        </div>
      </div>
      {isStandIn && <LacinessField dieClass={dieClass} laciness={laciness} />}
      <div className="mt-3 flex flex-wrap gap-2" aria-busy={isReading}>
        <FilePicker
          accept={acceptedDrawings}
          label={isReading ? t('shelf.outline.reading') : t('shelf.outline.read', { formats: readable })}
          icon={<Upload aria-hidden size={18} />}
          onFile={(file) => void pick(file)}
        />
        <Button icon={<ScanLine aria-hidden size={18} />} onClick={() => setTracing(true)}>
          {t('shelf.outline.trace')}
        </Button>
        {lines && (
          <>
            {writtenFormats.map((format) => (
              <Button
                key={format.ending}
                look="quiet"
                icon={<Download aria-hidden size={18} />}
                onClick={() => void save(format)}
              >
                {t('shelf.outline.saveAs', { format: sayFormat(format) })}
              </Button>
            ))}
            <Button look="quiet" icon={<X aria-hidden size={18} />} onClick={() => choose(new OutlineChoice(null))}>
              {t('shelf.outline.drop')}
            </Button>
          </>
        )}
        {row?.outline && !keepsStored && (
          <Button
            look="quiet"
            icon={<Undo2 aria-hidden size={18} />}
            onClick={() => choose(new OutlineChoice(undefined))}
          >
            {t('shelf.outline.back')}
          </Button>
        )}
      </div>
      {isTracing && (
        <TraceDialog
          open
          onClose={() => setTracing(false)}
          onTraced={(traced, tracedView, name) => {
            setTracing(false)
            setFresh({ view: tracedView, notes: [] })
            takeSize(tracedView)
            choose(
              new OutlineChoice({
                source: 'traced',
                fileName: name.slice(0, LONGEST_NAME),
                lines: traced.map((line) => [...line]),
              }),
            )
          }}
        />
      )}
    </fieldset>
  )
}
