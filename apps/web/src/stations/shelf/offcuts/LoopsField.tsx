import { boxAround, pieceOf, rectangle } from '@bold-heron/core'
import { formats } from '@bold-heron/formats'
import type { OffcutInput } from '@bold-heron/schema'
import { ScanLine, Upload } from 'lucide-react'
import { useState } from 'react'
import { useFormContext, useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { NestDrawing } from '../../../drawing/nest/NestDrawing.js'
import { useLengths } from '../../../text/lengths.js'
import { sayFormats } from '../../../text/say-format.js'
import { Button } from '../../../ui/Button.js'
import { FilePicker } from '../../../ui/FilePicker.js'
import { LengthInput } from '../../../ui/form/LengthInput.js'
import { readInTime } from '../../../workers/drawing.js'
import { TraceDialog } from '../trace/TraceDialog.js'
import { Fault } from '../../../ui/Notice.js'

const readFormats = formats.filter((format) => format.read)
const accepted = readFormats.flatMap(({ ending, mimeType }) => [`.${ending}`, mimeType]).join(',')

/** Lines that were read or traced as the outline of a leftover: their rim, from its own corner on. */
const loopsOf = (lines: readonly (readonly number[])[]): OffcutInput['loops'] | undefined => {
  const rim = pieceOf(lines)
  const box = rim && boxAround([rim])
  return rim && box ? [rim.map((value, at) => value - (at % 2 === 0 ? box.fromX : box.fromY))] : undefined
}

/** What a leftover looks like: so long and so wide, or read from a drawing or a picture of it. */
export const LoopsField = () => {
  const { t, i18n } = useTranslation()
  const lengths = useLengths()
  const { setValue, formState } = useFormContext()
  const loops = useWatch({ name: 'loops' }) as OffcutInput['loops']
  const source = useWatch({ name: 'source' }) as OffcutInput['source']
  const [isTracing, setTracing] = useState(false)
  const [refused, setRefused] = useState(false)
  const box = boxAround(loops)
  const fault = formState.errors['loops']?.message
  const take = (next: OffcutInput['loops'] | undefined, from: OffcutInput['source']) => {
    setRefused(next === undefined)
    if (!next) return
    setValue('loops', next, { shouldDirty: true, shouldValidate: formState.isSubmitted })
    setValue('source', from, { shouldDirty: true })
  }
  const [lengthMm, widthMm] = box ? [box.toX - box.fromX, box.toY - box.fromY] : [0, 0]
  const typed = (toX: number, toY: number) => take([rectangle({ fromX: 0, fromY: 0, toX, toY })], 'typed')
  const read = async (file: File) => {
    const drawing = await readInTime(file.name, await file.text())
    take(
      drawing !== 'took-too-long' && drawing.ok ? loopsOf(drawing.lines.map((line) => [...line])) : undefined,
      'traced',
    )
  }
  return (
    <fieldset className="space-y-3">
      <legend className="font-bold">{t('shelf.field.loops')}</legend>
      <NestDrawing loops={loops} spoken={t('shelf.offcut.spoken')} className="max-h-56 w-full" />
      <p className="text-sm text-ink-soft">
        {t(`words.offcutSource.${source}`)} · {lengths.area(lengthMm, widthMm)}
      </p>
      {(refused || typeof fault === 'string') && (
        <Fault>{typeof fault === 'string' ? fault : t('shelf.offcut.refused')}</Fault>
      )}
      <div className="flex flex-wrap items-end gap-3">
        <LengthInput label={t('shelf.offcut.length')} mm={lengthMm} leastMm={5} onChange={(mm) => typed(mm, widthMm)} />
        <LengthInput label={t('shelf.offcut.width')} mm={widthMm} leastMm={5} onChange={(mm) => typed(lengthMm, mm)} />
      </div>
      <div className="flex flex-wrap gap-2">
        <FilePicker
          accept={accepted}
          label={t('shelf.outline.read', { formats: sayFormats(i18n.language, readFormats) })}
          icon={<Upload aria-hidden size={18} />}
          onFile={(file) => void read(file)}
        />
        <Button icon={<ScanLine aria-hidden size={18} />} onClick={() => setTracing(true)}>
          {t('shelf.outline.trace')}
        </Button>
      </div>
      {isTracing && (
        <TraceDialog
          open
          onClose={() => setTracing(false)}
          onTraced={(traced) => {
            setTracing(false)
            take(loopsOf(traced), 'traced')
          }}
        />
      )}
    </fieldset>
  )
}
