import type { DieRow, PlateRow, PressRow, SheetRow } from '@bold-heron/schema'
import type { TFunction } from 'i18next'
import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { notePicked, recentOf } from '../../data/recent.js'
import { useEveryRow } from '../../data/rows.js'
import { type Lengths, useLengths } from '../../text/lengths.js'
import { type Pickable, Picker } from '../../ui/picker/Picker.js'
import { DieThumb } from '../DieThumb.js'
import { PlateSection } from '../PlateSection.js'
import { PressPicture } from '../PressPicture.js'
import { SheetSwatch } from '../SheetSwatch.js'

/** The kinds of things that are picked, each with its row. */
interface Rows {
  readonly dies: DieRow
  readonly sheets: SheetRow
  readonly presses: PressRow
  readonly plates: PlateRow
}
export type PickedKind = keyof Rows

/** What a thing is picked for, as far as that leaves some out. */
export interface PickedFor {
  /** mm between the press's frames. */
  readonly throatMm?: number | undefined
}

interface Look<Row> {
  picture(row: Row): ReactNode
  detail(row: Row, t: TFunction<'app'>, lengths: Lengths): string
  unfit?(row: Row, picked: PickedFor, t: TFunction<'app'>, lengths: Lengths): string | undefined
}

const looks: { readonly [Kind in PickedKind]: Look<Rows[Kind]> } = {
  dies: {
    picture: (row) => <DieThumb die={row} />,
    detail: ({ dieClass, lengthMm, widthMm }, t, lengths) =>
      `${t(`words.dieClass.${dieClass}`)} · ${lengths.size(lengthMm)} × ${lengths.size(widthMm)}`,
    unfit: ({ lengthMm, widthMm }, { throatMm }, t, lengths) =>
      throatMm !== undefined && Math.min(lengthMm, widthMm) > throatMm
        ? t('common.pickTooWide', { throat: lengths.size(throatMm) })
        : undefined,
  },
  sheets: {
    picture: (row) => <SheetSwatch sheet={row} />,
    detail: ({ kind, caliperMm }, t, lengths) => `${t(`words.sheetKind.${kind}`)} · ${lengths.thickness(caliperMm)}`,
  },
  presses: {
    picture: (row) => <PressPicture press={row} />,
    detail: ({ pressClass, throatMm }, t, lengths) =>
      `${t(`words.pressClass.${pressClass}`)} · ${lengths.size(throatMm)}`,
  },
  plates: {
    picture: (row) => <PlateSection plate={row} />,
    detail: ({ kind, thicknessMm }, t, lengths) =>
      `${t(`words.plateKind.${kind}`)} · ${lengths.thickness(thicknessMm)}`,
  },
}

/** Picks a thing of the shelf by sight. */
export const RowPicker = <Kind extends PickedKind>({
  kind,
  label,
  value,
  onPick,
  pickedFor = {},
  compact = false,
  ids,
}: {
  readonly kind: Kind
  readonly label: string
  readonly value: string
  readonly onPick: (id: string) => void
  readonly pickedFor?: PickedFor
  readonly compact?: boolean
  readonly ids?: { readonly id?: string; readonly 'aria-invalid'?: true; readonly 'aria-describedby'?: string }
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const rows = (useEveryRow(kind).data ?? []) as unknown as readonly Rows[Kind][]
  const look = looks[kind] as unknown as Look<Rows[Kind]>
  const things = rows.map((row): Pickable => ({
    id: row.id,
    name: row.name,
    picture: look.picture(row),
    detail: look.detail(row, t, lengths),
    unfit: look.unfit?.(row, pickedFor, t, lengths),
  }))
  return (
    <Picker
      label={label}
      things={things}
      value={value}
      recent={recentOf(kind)}
      compact={compact}
      {...(ids ? { ids } : {})}
      onPick={(id) => {
        notePicked(kind, id)
        onPick(id)
      }}
    />
  )
}
