import { exactLengths, frameCorners, type RibbonEdge, SEEN_MISFIT_MM } from '@bold-heron/core'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../../text/lengths.js'
import { Button } from '../../../ui/Button.js'
import { LengthInput } from '../../../ui/form/LengthInput.js'
import type { BorderInHand } from './BorderSettings.js'

/** Whether the corners of a frame of four such borders meet alike. */
const Corners = ({ pitchMm, longMm }: { readonly pitchMm: number; readonly longMm: number }) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const [shortMm, setShort] = useState(longMm)
  const { outOfStepMm, shortMiddle, shortThatMeetsMm } = frameCorners(longMm, shortMm, pitchMm)
  return (
    <details>
      <summary className="min-h-9 cursor-pointer">{t('place.border.corners')}</summary>
      <div className="max-w-40">
        <LengthInput label={t('place.border.otherSide')} mm={shortMm} leastMm={1} onChange={setShort} />
      </div>
      <p>
        {outOfStepMm < SEEN_MISFIT_MM
          ? t('place.border.cornersMeet', { middle: t(`place.border.middle.${shortMiddle}`) })
          : t('place.border.cornersOff', { off: lengths.place(outOfStepMm), side: lengths.place(shortThatMeetsMm) })}
      </p>
    </details>
  )
}

/** What would make a border meet both its margins: a start that is moved, or a strip of another length. */
const Offers = ({
  border,
  shortMm,
  onChange,
}: {
  readonly border: BorderInHand
  /** What stays uncut at the end, mm; below 0 what is over. */
  readonly shortMm: number
  readonly onChange: (change: Partial<BorderInHand>) => void
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const laterMm = Math.round(shortMm * 100) / 100
  return (
    <div className="flex flex-wrap items-center gap-2">
      {laterMm > 0 && (
        <Button onClick={() => onChange({ mayMoveStartMm: (border.mayMoveStartMm ?? 0) + laterMm })}>
          {t('place.border.later', { by: lengths.place(laterMm) })}
        </Button>
      )}
      <span>{t('place.border.exact')}</span>
      {exactLengths(border).map((mm) => (
        <Button key={mm} onClick={() => onChange({ stripLengthMm: mm })}>
          {t('place.border.takeLength', { length: lengths.place(mm) })}
        </Button>
      ))}
    </div>
  )
}

/** How the border is joined, in words and a table of its cuts. */
export const BorderSum = ({
  border,
  edge,
  second,
  mayChange = !second,
  onChange,
}: {
  readonly border: BorderInHand
  readonly edge: RibbonEdge
  readonly second: boolean
  /** Whether start and strip may be changed for it: they belong to what is cut first. */
  readonly mayChange?: boolean
  readonly onChange: (change: Partial<BorderInHand>) => void
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const { cuts, endMissMm, misfitMm, lengthensMm } = edge
  return (
    <div className="mt-3 space-y-2">
      {second && <p>{t('place.border.turned', { shift: lengths.place(edge.shiftMm) })}</p>}
      <table className="w-full max-w-2xl text-left">
        <caption className="sr-only">{t('place.border.cutsTitle')}</caption>
        <thead>
          <tr className="border-b border-line text-sm text-ink-soft">
            <th scope="col">{t('place.border.cut')}</th>
            <th scope="col">{t('place.border.at')}</th>
            <th scope="col">{t('place.border.overlap')}</th>
            <th scope="col">{t('place.border.misfit')}</th>
          </tr>
        </thead>
        <tbody className="tabular-nums">
          {cuts.map(({ atMm, shiftPitches }, at) => (
            <tr key={at} className="border-b border-line">
              <td>{at + 1}</td>
              <td className="font-bold">{lengths.place(atMm)}</td>
              <td>{at === 0 ? '–' : lengths.place(border.dieLengthMm - shiftPitches * border.pitchMm)}</td>
              <td>{at === 0 ? '–' : lengths.place(Math.round((misfitMm[at - 1] ?? 0) * 100) / 100)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p>
        {Math.abs(endMissMm) < SEEN_MISFIT_MM
          ? t('place.border.endMet')
          : t(endMissMm > 0 ? 'place.border.endOver' : 'place.border.endShort', {
              by: lengths.place(Math.abs(endMissMm)),
            })}
      </p>
      {mayChange && Math.abs(endMissMm) >= SEEN_MISFIT_MM && (
        <Offers border={border} shortMm={-endMissMm} onChange={onChange} />
      )}
      {lengthensMm > SEEN_MISFIT_MM && (
        <p>{t('place.border.lengthens', { by: lengths.place(Math.round(lengthensMm * 100) / 100) })}</p>
      )}
      <p className="text-sm text-ink-soft">{t('place.border.onePass')}</p>
      <Corners pitchMm={border.pitchMm} longMm={border.stripLengthMm} />
    </div>
  )
}
