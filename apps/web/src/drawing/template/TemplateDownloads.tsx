import { type TemplateLine, templateParts } from '@bold-heron/core'
import { type Format, formats, type Paper, paperNames, type TemplateWords } from '@bold-heron/formats'
import { Download } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { sayFormat } from '../../text/say-format.js'
import { Button } from '../../ui/Button.js'
import { Choice } from '../../ui/Choice.js'
import { saveFile } from '../../ui/save-file.js'
import { useSayTrouble } from '../../ui/use-say-trouble.js'
import { drawing } from '../../workers/drawing.js'

const templateFormats = formats.filter((format) => format.template)

/** A template of true size to be saved in any format that can hold one. */
export const TemplateDownloads = ({
  lines,
  title,
  seen,
}: {
  readonly lines: readonly TemplateLine[]
  readonly title: string
  /** What is seen on it, in a line. */
  readonly seen: string
}) => {
  const { t } = useTranslation()
  const sayTrouble = useSayTrouble()
  const [paper, setPaper] = useState<Paper>('a4')
  const words: TemplateWords = {
    title,
    parts: Object.fromEntries(
      templateParts.map((part) => [part, t(`place.print.parts.${part}`)]),
    ) as TemplateWords['parts'],
    check: t('place.print.check'),
    seen,
    join: t('place.print.join'),
  }
  const save = async ({ ending, mimeType }: Format) => {
    try {
      const content = await drawing().template(lines, words, ending, paper)
      saveFile(`${title.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}.${ending}`, mimeType, content)
    } catch (error) {
      sayTrouble(error)
    }
  }
  return (
    <div className="flex flex-wrap items-center gap-2">
      <Choice
        label={t('place.print.paper')}
        value={paper}
        options={paperNames.map((each) => ({ value: each, text: t(`place.print.papers.${each}`) }))}
        onChange={setPaper}
      />
      {templateFormats.map((format) => (
        <Button key={format.ending} icon={<Download aria-hidden size={16} />} onClick={() => void save(format)}>
          {sayFormat(format)}
          {format.ending === 'pdf' && t('place.print.trueSize')}
        </Button>
      ))}
    </div>
  )
}
