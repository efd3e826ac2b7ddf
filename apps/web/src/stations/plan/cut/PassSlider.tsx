import { useTranslation } from 'react-i18next'
import { Slider } from '../../../ui/Slider.js'

/** After which pass it is shown, of so many. */
export const PassSlider = ({
  number,
  of,
  onPick,
}: {
  readonly number: number
  readonly of: number
  readonly onPick: (number: number) => void
}) => {
  const { t } = useTranslation()
  return (
    <Slider
      label={t('plan.map.pass')}
      shown={t('plan.map.passOf', { number, of })}
      value={number}
      least={1}
      most={of}
      step={1}
      onChange={onPick}
    />
  )
}
