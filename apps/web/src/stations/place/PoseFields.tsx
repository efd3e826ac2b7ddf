import { useTranslation } from 'react-i18next'
import { LengthInput, NumberInput } from '../../ui/form/LengthInput.js'

interface Pose {
  readonly xMm: number
  readonly yMm: number
  readonly rotationDeg: number
}

/** Where a thing lies on the card and how it is turned, in numbers. */
export const PoseFields = ({
  pose,
  name,
  onChange,
}: {
  readonly pose: Pose
  /** Names the thing, so that turning it step by step is one step to undo. */
  readonly name: string
  readonly onChange: (change: Partial<Pose>, about?: string) => void
}) => {
  const { t } = useTranslation()
  return (
    <>
      <LengthInput label={t('place.things.x')} mm={pose.xMm} onChange={(xMm) => onChange({ xMm })} />
      <LengthInput label={t('place.things.y')} mm={pose.yMm} onChange={(yMm) => onChange({ yMm })} />
      <NumberInput
        label={t('place.things.turn')}
        value={pose.rotationDeg}
        step={1}
        least={-180}
        most={180}
        onChange={(rotationDeg) => onChange({ rotationDeg }, `turn ${name}`)}
      />
    </>
  )
}
