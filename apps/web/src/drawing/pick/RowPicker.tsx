import type { TFunction } from 'i18next'
import { useTranslation } from 'react-i18next'
import { notePicked, recentOf } from '../../data/recent.js'
import { useEveryRow } from '../../data/rows.js'
import { type Lengths, useLengths } from '../../text/lengths.js'
import { type Pickable, Picker, type PickerLook } from '../../ui/picker/Picker.js'
import { pictureOf, type ShownKind, type ShownRows } from '../picture-of.js'

/** What a thing is picked for, as far as that leaves some out. */
export interface PickedFor {
  /** mm between the press's frames. */
  readonly throatMm?: number | undefined
}

interface Look<Row> {
  detail(row: Row, t: TFunction<'app'>, lengths: Lengths): string
  unfit?(row: Row, picked: PickedFor, t: TFunction<'app'>, lengths: Lengths): string | undefined
}

const looks: { readonly [Kind in ShownKind]: Look<ShownRows[Kind]> } = {
  dies: {
    detail: ({ dieClass, lengthMm, widthMm }, t, lengths) =>
      `${t(`words.dieClass.${dieClass}`)} · ${lengths.size(lengthMm)} × ${lengths.size(widthMm)}`,
    unfit: ({ lengthMm, widthMm }, { throatMm }, t, lengths) =>
      throatMm !== undefined && Math.min(lengthMm, widthMm) > throatMm
        ? t('common.pickTooWide', { throat: lengths.size(throatMm) })
        : undefined,
  },
  sheets: {
    detail: ({ kind, caliperMm }, t, lengths) => `${t(`words.sheetKind.${kind}`)} · ${lengths.thickness(caliperMm)}`,
  },
  presses: {
    detail: ({ pressClass, throatMm }, t, lengths) =>
      `${t(`words.pressClass.${pressClass}`)} · ${lengths.size(throatMm)}`,
  },
  offcuts: {
    detail: ({ sheetName, lengthMm, widthMm }, _, lengths) => `${sheetName} · ${lengths.area(lengthMm, widthMm)}`,
  },
  plates: {
    detail: ({ kind, thicknessMm }, t, lengths) =>
      `${t(`words.plateKind.${kind}`)} · ${lengths.thickness(thicknessMm)}`,
  },
}

/** Picks a thing of the shelf by sight. */
export const RowPicker = <Kind extends ShownKind>({
  kind,
  label,
  value,
  onPick,
  pickedFor = {},
  any,
  among,
  retired,
  look,
  blank,
  ids,
}: {
  readonly kind: Kind
  readonly label: string
  readonly value: string
  readonly onPick: (id: string) => void
  readonly pickedFor?: PickedFor
  /** What picking none of them is called, where that may be. */
  readonly any?: string
  /** Which of them may be picked; all where absent. */
  readonly among?: (row: ShownRows[Kind]) => boolean
  /** Whether those that are no longer used are offered too. */
  readonly retired?: boolean
  readonly look?: PickerLook
  /** Shown while nothing is picked. */
  readonly blank?: string
  readonly ids?: { readonly id?: string; readonly 'aria-invalid'?: true; readonly 'aria-describedby'?: string }
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const rows = (useEveryRow(kind, retired ? { retired: 'all' } : {}).data ??
    []) as unknown as readonly ShownRows[Kind][]
  const told = looks[kind] as unknown as Look<ShownRows[Kind]>
  const things = rows
    .filter((row) => among?.(row) ?? true)
    .map((row): Pickable => ({
      id: row.id,
      name: row.name,
      picture: pictureOf[kind](row as never),
      detail: told.detail(row, t, lengths),
      unfit: told.unfit?.(row, pickedFor, t, lengths),
    }))
  return (
    <Picker
      label={label}
      things={any === undefined ? things : [{ id: '', name: any }, ...things]}
      value={value}
      recent={recentOf(kind)}
      {...(look ? { look } : {})}
      blank={blank}
      {...(ids ? { ids } : {})}
      onPick={(id) => {
        if (id !== '') notePicked(kind, id)
        onPick(id)
      }}
    />
  )
}
