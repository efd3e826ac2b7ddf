import { type ChartInput, MOST_CHART_COLUMNS } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useEveryRow } from '../../../data/rows.js'
import { useLengths } from '../../../text/lengths.js'
import { Choice } from '../../../ui/Choice.js'
import type { Draft } from '../../../ui/record/draft.js'
import { FormPart } from '../../../ui/record/RecordForm.js'
import { TickList } from './TickList.js'

/** mm. Thicknesses that are offered, and those of them that are ticked beforehand. */
const THICKNESSES_MM = [0.15, 0.2, 0.25, 0.3, 0.4, 0.5, 0.6, 0.8, 1, 1.5, 2] as const
const TICKED_MM = [0.15, 0.2, 0.25, 0.3, 0.4, 0.6, 1] as const

/** What is pressed on: sheets of the shelf, or thicknesses of plain card. */
export const ColumnsField = ({ draft }: { readonly draft: Draft<ChartInput> }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const sheets = useEveryRow('sheets').data ?? []
  const { columns } = draft.value
  return (
    <FormPart
      legend={t('wall.form.columns')}
      fault={draft.isWrong('columns') ? t('wall.form.columnsMissing') : undefined}
    >
      <Choice<'sheets' | 'thicknesses'>
        label={t('wall.form.columns')}
        value={columns.by}
        options={[
          { value: 'sheets', text: t('wall.form.mySheets') },
          { value: 'thicknesses', text: t('wall.form.thicknesses') },
        ]}
        onChange={(by) =>
          draft.change({ columns: by === 'sheets' ? { by, sheetIds: [] } : { by, mm: [...TICKED_MM] } })
        }
      />
      {columns.by === 'sheets' ? (
        <>
          <p className="my-1 text-sm text-ink-soft">{t('wall.form.allSheets', { most: MOST_CHART_COLUMNS })}</p>
          <TickList
            className="flex max-h-40 flex-wrap gap-x-4"
            items={sheets.map(({ id, name, caliperMm }) => ({
              key: id,
              shown: `${name} · ${lengths.thickness(caliperMm)}`,
            }))}
            chosen={columns.sheetIds}
            onChange={(sheetIds) => draft.change({ columns: { by: 'sheets', sheetIds } })}
          />
        </>
      ) : (
        <TickList<number>
          className="flex max-h-40 flex-wrap gap-x-4 tabular-nums"
          items={THICKNESSES_MM.map((mm) => ({ key: mm, shown: lengths.thickness(mm) }))}
          chosen={columns.mm}
          onChange={(mm) => draft.change({ columns: { by: 'thicknesses', mm } })}
        />
      )}
    </FormPart>
  )
}
