import { sizeOfDies, waysToCutToSize } from '@bold-heron/core'
import type { DieRow, PressRun, SheetRow } from '@bold-heron/schema'
import { Printer } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { CutMarks } from '../../pressing/CutMarks.js'
import { useLengths } from '../../text/lengths.js'
import { Button } from '../../ui/Button.js'
import { LengthInput } from '../../ui/form/LengthInput.js'
import { Panel } from '../../ui/Panel.js'

type ToSize = PressRun['cutToSize']

/** Sheets that are cut or torn to size before anything is pressed: how large, which way, how many, and where they are cut. */
export const CutToSize = ({
  sheet,
  dies,
  cutToSize,
  onTake,
}: {
  readonly sheet: SheetRow
  readonly dies: readonly DieRow[]
  readonly cutToSize: ToSize
  readonly onTake: (cutToSize: ToSize) => void
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const [size, setSize] = useState(cutToSize ?? sizeOfDies(dies))
  const { lengthMm, widthMm } = size
  const ways = waysToCutToSize(sheet, { lengthMm, widthMm })
  return (
    <Panel title={t('jobs.toSize.title')}>
      <div className="flex max-w-2xl flex-wrap items-end gap-3">
        <LengthInput
          label={t('jobs.toSize.length')}
          mm={lengthMm}
          leastMm={5}
          onChange={(mm) => setSize({ ...size, lengthMm: mm })}
        />
        <LengthInput
          label={t('jobs.toSize.width')}
          mm={widthMm}
          leastMm={5}
          onChange={(mm) => setSize({ ...size, widthMm: mm })}
        />
        {cutToSize && <Button onClick={() => onTake(null)}>{t('jobs.toSize.whole')}</Button>}
        <Button look="quiet" icon={<Printer aria-hidden size={16} />} onClick={() => window.print()}>
          {t('jobs.toSize.print')}
        </Button>
      </div>
      {ways.length === 0 && (
        <p className="mt-2" role="status">
          {t('jobs.toSize.none', { sheet: sheet.name, size: lengths.area(sheet.lengthMm, sheet.widthMm) })}
        </p>
      )}
      <ul className="mt-2 grid gap-3 sm:grid-cols-2">
        {ways.map((way) => {
          const isTaken =
            cutToSize?.along === way.along && cutToSize.lengthMm === lengthMm && cutToSize.widthMm === widthMm
          return (
            <li key={way.along} className="rounded-md border border-line p-2">
              <CutMarks way={way} />
              <Button
                className="mt-2 print:hidden"
                aria-pressed={isTaken}
                onClick={() => onTake({ lengthMm, widthMm, along: way.along })}
              >
                {t(`jobs.toSize.take.${way.along}`)}
              </Button>
            </li>
          )
        })}
      </ul>
    </Panel>
  )
}
