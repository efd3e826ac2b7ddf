import { useLengths } from '../../text/lengths.js'
import {
  type BladeSide,
  GUIDE_MARGIN_MM,
  guideTrim,
  heightOfBox,
  linesOnCard,
  templateParts,
  widthOf,
} from '@bold-heron/core'
import { type Format, formats, type Paper, type TemplateWords } from '@bold-heron/formats'
import { Download, Printer } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { withoutPicture } from '../../data/placing-keys.js'
import { sayFormat } from '../../text/say-format.js'
import { Button } from '../../ui/Button.js'
import { Choice } from '../../ui/Choice.js'
import { boxClass, Field } from '../../ui/Field.js'
import { LengthInput } from '../../ui/form/LengthInput.js'
import { saveFile } from '../../ui/save-file.js'
import { useSayTrouble } from '../../ui/use-say-trouble.js'
import { placeWorker } from '../../workers/place.js'
import type { PanelProps } from './panel-props.js'

const templateFormats = formats.filter((format) => format.template)

/** Templates of true size, and the instructions on paper. */
export const PrintPanel = ({
  placement,
  things,
  name,
  blade,
}: Pick<PanelProps, 'placement' | 'things'> & { readonly name: string; readonly blade: BladeSide }) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const sayTrouble = useSayTrouble()
  const [which, setWhich] = useState<'all' | number>('all')
  const [inPress, setInPress] = useState(false)
  const [guides, setGuides] = useState(false)
  const [guideMarginMm, setGuideMargin] = useState(GUIDE_MARGIN_MM)
  const [paper, setPaper] = useState<Paper>('a4')
  const words: TemplateWords = {
    title: name,
    parts: Object.fromEntries(
      templateParts.map((part) => [part, t(`place.print.parts.${part}`)]),
    ) as TemplateWords['parts'],
    check: t('place.print.check'),
    seen: inPress ? t('place.print.seenPress') : t('place.print.seenFront'),
    join: t('place.print.join'),
  }
  const save = async ({ ending, mimeType }: Format) => {
    try {
      const content = await placeWorker().template({
        placement: withoutPicture(placement),
        caliperMm: things.request.cut.sheet.caliper.valueMm,
        pads: things.request.shelf,
        blade,
        runAt: which === 'all' ? undefined : which,
        inPress,
        guides,
        guideMarginMm,
        words,
        format: ending,
        paper,
      })
      saveFile(`${name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}.${ending}`, mimeType, content)
    } catch (error) {
      sayTrouble(error)
    }
  }
  const run = which === 'all' ? undefined : placement.runs[which]
  const guided = (run ? [run] : placement.runs).flatMap((each) =>
    each.dies.flatMap((laid) => {
      const die = things.dies.find((one) => one.id === laid.dieId)
      const guide = die && guideTrim(linesOnCard(die, laid, each.face), guideMarginMm)
      return die && guide ? [{ id: laid.id, name: die.name, guide }] : []
    }),
  )
  return (
    <div className="space-y-3">
      <h2 className="font-bold text-base">{t('place.print.title')}</h2>
      <Field label={t('place.print.which')} className="gap-0.5">
        {(ids) => (
          <select
            {...ids}
            className={boxClass}
            value={which}
            onChange={(event) => setWhich(event.target.value === 'all' ? 'all' : Number(event.target.value))}
          >
            <option value="all">{t('place.print.all')}</option>
            {placement.runs.map((each, at) => (
              <option key={each.id} value={at}>
                {at + 1}. {each.name}
              </option>
            ))}
          </select>
        )}
      </Field>
      <label className="flex min-h-9 items-center gap-2">
        <input
          type="checkbox"
          className="size-5 accent-accent"
          checked={inPress}
          onChange={(event) => setInPress(event.target.checked)}
        />
        {t('place.print.inPress')}
      </label>
      <label className="flex min-h-9 items-center gap-2">
        <input
          type="checkbox"
          className="size-5 accent-accent"
          checked={guides}
          onChange={(event) => setGuides(event.target.checked)}
        />
        {t('place.print.guides')}
      </label>
      {guides && (
        <LengthInput label={t('place.print.guideMargin')} mm={guideMarginMm} leastMm={1} onChange={setGuideMargin} />
      )}
      {guides && (
        <ul className="space-y-1 text-sm">
          {guided.map(({ id, name: die, guide }) => (
            <li key={id}>
              {t('place.print.guideText', {
                name: die,
                size: `${lengths.place(widthOf(guide))} × ${lengths.place(heightOfBox(guide))}`,
              })}
            </li>
          ))}
          <li>{t('place.print.maskText')}</li>
        </ul>
      )}
      <div className="flex flex-wrap items-center gap-2">
        <span>{t('place.print.paper')}</span>
        <Choice
          label={t('place.print.paper')}
          value={paper}
          options={(['a4', 'letter'] as const).map((each) => ({ value: each, text: t(`place.print.papers.${each}`) }))}
          onChange={setPaper}
        />
      </div>
      <div className="flex flex-wrap gap-2">
        {templateFormats.map((format) => (
          <Button key={format.ending} icon={<Download aria-hidden size={16} />} onClick={() => void save(format)}>
            {sayFormat(format)}
            {format.ending === 'pdf' && t('place.print.trueSize')}
          </Button>
        ))}
      </div>
      <Button icon={<Printer aria-hidden size={16} />} onClick={() => window.print()}>
        {t('place.print.steps')}
      </Button>
    </div>
  )
}
