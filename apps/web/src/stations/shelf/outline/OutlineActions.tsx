import { type Format, formats } from '@bold-heron/formats'
import { Download, ScanLine, Undo2, Upload, X } from 'lucide-react'
import { useState } from 'react'
import { useFormContext } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { sayFormat, sayFormats } from '../../../text/say-format.js'
import { Button } from '../../../ui/Button.js'
import { FilePicker } from '../../../ui/FilePicker.js'
import { saveText } from '../../../ui/save-file.js'
import { drawing } from '../../../workers/drawing.js'
import { TraceDialog } from '../trace/TraceDialog.js'
import { OutlineChoice } from './die-form.js'
import type { useOutline } from './use-outline.js'

export const readFormats = formats.filter((format) => format.read)
const writtenFormats = formats.filter((format) => format.write)
const acceptedDrawings = readFormats.flatMap(({ ending, mimeType }) => [`.${ending}`, mimeType]).join(',')

/** Lines are read from a drawing or traced, saved as one, dropped, and had back. */
export const OutlineActions = ({ outline }: { readonly outline: ReturnType<typeof useOutline> }) => {
  const { t, i18n } = useTranslation()
  const { getValues } = useFormContext()
  const [isTracing, setTracing] = useState(false)
  const { lines, isReading } = outline
  const save = async ({ ending }: Format) => {
    const name = String(getValues('name') || t('shelf.one.dies'))
    const fileName = `${name}.${ending}`
    saveText(fileName, await drawing().write(fileName, lines ?? [], name))
  }
  const readable = sayFormats(i18n.language, readFormats)
  return (
    <div className="mt-3 flex flex-wrap gap-2" aria-busy={isReading}>
      <FilePicker
        accept={acceptedDrawings}
        label={isReading ? t('shelf.outline.reading') : t('shelf.outline.read', { formats: readable })}
        icon={<Upload aria-hidden size={18} />}
        onFile={(file) => void outline.pick(file)}
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
          <Button
            look="quiet"
            icon={<X aria-hidden size={18} />}
            onClick={() => outline.choose(new OutlineChoice(null))}
          >
            {t('shelf.outline.drop')}
          </Button>
        </>
      )}
      {outline.hasOther && (
        <Button
          look="quiet"
          icon={<Undo2 aria-hidden size={18} />}
          onClick={() => outline.choose(new OutlineChoice(undefined))}
        >
          {t('shelf.outline.back')}
        </Button>
      )}
      {isTracing && (
        <TraceDialog
          open
          onClose={() => setTracing(false)}
          onTraced={(traced, view, name) => {
            setTracing(false)
            outline.take('traced', traced, { view, notes: [] }, name)
          }}
        />
      )}
    </div>
  )
}
