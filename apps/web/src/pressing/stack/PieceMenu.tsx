import type { Plate } from '@bold-heron/core'
import type { ReactElement } from 'react'
import { useTranslation } from 'react-i18next'
import { PlateSection } from '../../drawing/PlateSection.js'
import { useLengths } from '../../text/lengths.js'
import { Picker } from '../../ui/picker/Picker.js'

/** Picks a piece of the shelf to put into the stack; what is nearest in kind stands first. */
export const PieceMenu = ({
  trigger,
  title,
  shelf,
  left,
  near,
  onPick,
}: {
  readonly trigger: ReactElement
  readonly title: string
  readonly shelf: readonly Plate[]
  readonly left: ReadonlyMap<string, number>
  /** Kinds to list first. */
  readonly near: readonly Plate['kind'][]
  readonly onPick: (plate: Plate) => void
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const isNear = (plate: Plate) => near.includes(plate.kind)
  const sorted = [...shelf].sort(
    (a, b) =>
      Number(isNear(b)) - Number(isNear(a)) ||
      a.kind.localeCompare(b.kind) ||
      a.thickness.valueMm - b.thickness.valueMm,
  )
  return (
    <Picker
      label={title}
      trigger={trigger}
      value=""
      things={sorted.map(({ id, name, kind, thickness: { valueMm } }) => {
        const count = left.get(id) ?? 0
        const said = `${t(`words.plateKind.${kind}`)} · ${lengths.thickness(valueMm)}`
        return {
          id,
          name,
          picture: <PlateSection plate={{ kind, thicknessMm: valueMm }} />,
          detail: `${said} · ${t('plan.stack.left', { count })}`,
          unfit: count > 0 ? undefined : `${said} · ${t('plan.stack.noneLeft')}`,
        }
      })}
      onPick={(id) => {
        const plate = shelf.find((each) => each.id === id)
        if (plate) onPick(plate)
      }}
    />
  )
}
