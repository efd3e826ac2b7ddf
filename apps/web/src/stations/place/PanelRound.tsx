import { allSides, panelRound, panelSides, sizeRound, USUAL_MARGIN_MM } from '@bold-heron/core'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'
import { Button } from '../../ui/Button.js'
import { LengthInput } from '../../ui/form/LengthInput.js'
import { dieFinder } from './dies-of.js'
import type { PanelProps } from './panel-props.js'

/** A panel made to measure: the dies' own size, and equal margins on the sides that are to have one. */
export const PanelRound = (props: PanelProps) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const { placement, onChange } = props
  const [marginMm, setMarginMm] = useState(USUAL_MARGIN_MM)
  const [sides, setSides] = useState(allSides)
  const dieOf = dieFinder(props)
  const size = sizeRound(placement, dieOf, marginMm, sides)
  if (!size) return null
  return (
    <div>
      <h2 className="font-bold text-base">{t('place.card.round')}</h2>
      <div className="flex flex-wrap items-end gap-x-3 gap-y-1">
        <LengthInput label={t('place.card.matMargin')} mm={marginMm} leastMm={0} onChange={setMarginMm} />
        {panelSides.map((side) => (
          <label key={side} className="flex min-h-11 items-center gap-1">
            <input
              type="checkbox"
              className="size-5 accent-accent"
              checked={sides.has(side)}
              onChange={({ target }) =>
                setSides(new Set(panelSides.filter((each) => (each === side ? target.checked : sides.has(each)))))
              }
            />
            {t(`place.run.edges.${side}`)}
          </label>
        ))}
      </div>
      <Button className="mt-1" onClick={() => onChange(panelRound(dieOf, marginMm, sides))}>
        {t('place.card.roundDo', { size: `${lengths.place(size.widthMm)} × ${lengths.place(size.heightMm)}` })}
      </Button>
    </div>
  )
}
