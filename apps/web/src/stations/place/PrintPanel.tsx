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
import { LengthInput } from '../../ui/form/LengthInput.js'
import { SelectBox } from '../../ui/form/SelectBox.js'
import { Tick } from '../../ui/form/Tick.js'
import { saveFile } from '../../ui/save-file.js'
import { useSayTrouble } from '../../ui/use-say-trouble.js'
import { placeWorker } from '../../workers/place.js'
import type { PanelProps } from './panel-props.js'

const templateFormats = formats.filter((format) => format.template)

/** The guides of what is printed: how large each is to be cut, and the mask. */
const GuideList = ({
  placement,
  things,
  which,
  marginMm,
}: Pick<PanelProps, 'placement' | 'things'> & { readonly which: 'all' | number; readonly marginMm: number }) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const run = which === 'all' ? undefined : placement.runs[which]
  const guided = (run ? [run] : placement.runs).flatMap((each) =>
    each.dies.flatMap((laid) => {
      const die = things.dies.find((one) => one.id === laid.dieId)
      const guide = die && guideTrim(linesOnCard(die, laid, each.face), marginMm)
      return die && guide ? [{ id: laid.id, name: die.name, guide }] : []
    }),
  )
  return (
    <ul className="space-y-1 text-sm">
      {guided.map(({ id, name, guide }) => (
        <li key={id}>
          {t('place.print.guideText', {
            name,
            size: `${lengths.place(widthOf(guide))} × ${lengths.place(heightOfBox(guide))}`,
          })}
        </li>
      ))}
      <li>{t('place.print.maskText')}</li>
    </ul>
  )
}

/** Templates of true size, and the instructions on paper. */
export const PrintPanel = ({
  placement,
  things,
  name,
  blade,
}: Pick<PanelProps, 'placement' | 'things'> & { readonly name: string; readonly blade: BladeSide }) => {
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
  return (
    <div className="space-y-3">
      <h2 className="font-bold text-base">{t('place.print.title')}</h2>
      <SelectBox
        label={t('place.print.which')}
        className="gap-0.5"
        value={String(which)}
        options={[
          { value: 'all', text: t('place.print.all') },
          ...placement.runs.map((each, at) => ({ value: String(at), text: `${at + 1}. ${each.name}` })),
        ]}
        onChange={(chosen) => setWhich(chosen === 'all' ? 'all' : Number(chosen))}
      />
      <Tick checked={inPress} onChange={() => setInPress(!inPress)}>
        {t('place.print.inPress')}
      </Tick>
      <Tick checked={guides} onChange={() => setGuides(!guides)}>
        {t('place.print.guides')}
      </Tick>
      {guides && (
        <>
          <LengthInput label={t('place.print.guideMargin')} mm={guideMarginMm} leastMm={1} onChange={setGuideMargin} />
          <GuideList placement={placement} things={things} which={which} marginMm={guideMarginMm} />
        </>
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
