import {
  type DieClass,
  dieClasses,
  factsOfDieClass,
  type TechniqueId,
  techniqueIds,
  techniqueOf,
  USUAL_PER_BASE,
} from '@bold-heron/core'
import { type ChartInput, chartInput, MOST_CHART_COLUMNS, MOST_CHART_ROWS } from '@bold-heron/schema'
import { Save } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useEveryRow } from '../../../data/rows.js'
import { DieThumb } from '../../../drawing/DieThumb.js'
import { useLengths } from '../../../text/lengths.js'
import { Button } from '../../../ui/Button.js'
import { Choice } from '../../../ui/Choice.js'
import { boxClass, Field } from '../../../ui/Field.js'
import { Tick } from '../../../ui/form/Tick.js'

/** Leaves of the wall chart: all that can be computed. */
const leaves = techniqueIds

/** mm. Thicknesses that are offered. */
const THICKNESSES_MM = [0.15, 0.2, 0.25, 0.3, 0.4, 0.5, 0.6, 0.8, 1, 1.5, 2] as const

const toggled = <Item,>(list: readonly Item[], item: Item): Item[] =>
  list.includes(item) ? list.filter((each) => each !== item) : [...list, item]

export const blankChart = (pressId: string, name: string): ChartInput => ({
  name,
  pressId,
  technique: 'cut',
  rows: { by: 'dies', dieIds: [] },
  columns: { by: 'sheets', sheetIds: [] },
  perBase: USUAL_PER_BASE,
  note: '',
})

/** What a chart shows: its press and leaf, its rows and its columns. */
export const ChartForm = ({
  start,
  onSave,
}: {
  readonly start: ChartInput
  readonly onSave: (input: ChartInput) => void
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const presses = useEveryRow('presses').data ?? []
  const dies = useEveryRow('dies').data ?? []
  const sheets = useEveryRow('sheets').data ?? []
  const [chart, setChart] = useState(start)
  const [asked, setAsked] = useState(false)
  const change = (part: Partial<ChartInput>) => setChart((now) => ({ ...now, ...part }))
  const judged = chartInput.safeParse(chart)
  const missing =
    asked && !judged.success ? new Set(judged.error.issues.map(({ path }) => String(path[0]))) : new Set<string>()
  const taken = (dieClass: DieClass): boolean =>
    techniqueOf(chart.technique).takes.includes(factsOfDieClass(dieClass).use)
  const { rows, columns } = chart
  return (
    <form
      className="space-y-4"
      onSubmit={(event) => {
        event.preventDefault()
        setAsked(true)
        if (judged.success) onSave(chart)
      }}
    >
      <Field label={t('wall.form.name')} fault={missing.has('name') ? t('wall.form.nameMissing') : undefined}>
        {(ids) => (
          <input
            {...ids}
            className={boxClass}
            value={chart.name}
            maxLength={120}
            onChange={(event) => change({ name: event.target.value })}
          />
        )}
      </Field>
      <Field label={t('wall.form.press')} fault={missing.has('pressId') ? t('wall.form.pressMissing') : undefined}>
        {(ids) => (
          <select
            {...ids}
            className={boxClass}
            value={chart.pressId}
            onChange={(event) => change({ pressId: event.target.value })}
          >
            <option value="">{t('common.pick')}</option>
            {presses.map((press) => (
              <option key={press.id} value={press.id}>
                {press.name}
              </option>
            ))}
          </select>
        )}
      </Field>
      <div>
        <p className="font-bold">{t('wall.form.leaf')}</p>
        <Choice<TechniqueId>
          label={t('wall.form.leaf')}
          value={chart.technique}
          options={leaves.map((technique) => ({ value: technique, text: t(`words.technique.${technique}`) }))}
          onChange={(technique) =>
            change({ technique, ...(rows.by === 'dies' ? { rows: { by: 'dies', dieIds: [] } } : {}) })
          }
        />
      </div>
      <fieldset>
        <legend className="font-bold">{t('wall.form.rows')}</legend>
        <Choice<'dies' | 'classes'>
          label={t('wall.form.rows')}
          value={rows.by}
          options={[
            { value: 'dies', text: t('wall.form.myDies') },
            { value: 'classes', text: t('wall.form.dieKinds') },
          ]}
          onChange={(by) =>
            change({ rows: by === 'dies' ? { by, dieIds: [] } : { by, dieClasses: dieClasses.filter(taken) } })
          }
        />
        {rows.by === 'dies' ? (
          <>
            <p className="my-1 text-sm text-ink-soft">{t('wall.form.allDies', { most: MOST_CHART_ROWS })}</p>
            <ul className="grid max-h-48 gap-1 overflow-y-auto sm:grid-cols-2">
              {dies
                .filter(({ dieClass }) => taken(dieClass))
                .map((die) => (
                  <li key={die.id}>
                    <Tick
                      checked={rows.dieIds.includes(die.id)}
                      onChange={() => change({ rows: { by: 'dies', dieIds: toggled(rows.dieIds, die.id) } })}
                    >
                      <DieThumb die={die} />
                      <span className="min-w-0 truncate">{die.name}</span>
                    </Tick>
                  </li>
                ))}
            </ul>
          </>
        ) : (
          <div className="mt-1 flex flex-wrap gap-x-4">
            {dieClasses.filter(taken).map((each) => (
              <Tick
                key={each}
                checked={rows.dieClasses.includes(each)}
                onChange={() => change({ rows: { by: 'classes', dieClasses: toggled(rows.dieClasses, each) } })}
              >
                {t(`words.dieClass.${each}`)}
              </Tick>
            ))}
          </div>
        )}
        {missing.has('rows') && (
          <p role="alert" className="text-danger">
            <span aria-hidden>▲ </span>
            {t('wall.form.rowsMissing')}
          </p>
        )}
      </fieldset>
      <fieldset>
        <legend className="font-bold">{t('wall.form.columns')}</legend>
        <Choice<'sheets' | 'thicknesses'>
          label={t('wall.form.columns')}
          value={columns.by}
          options={[
            { value: 'sheets', text: t('wall.form.mySheets') },
            { value: 'thicknesses', text: t('wall.form.thicknesses') },
          ]}
          onChange={(by) =>
            change({
              columns: by === 'sheets' ? { by, sheetIds: [] } : { by, mm: [0.15, 0.2, 0.25, 0.3, 0.4, 0.6, 1] },
            })
          }
        />
        {columns.by === 'sheets' && (
          <p className="my-1 text-sm text-ink-soft">{t('wall.form.allSheets', { most: MOST_CHART_COLUMNS })}</p>
        )}
        <div className="mt-1 flex max-h-40 flex-wrap gap-x-4 overflow-y-auto">
          {columns.by === 'sheets'
            ? sheets.map((sheet) => (
                <Tick
                  key={sheet.id}
                  checked={columns.sheetIds.includes(sheet.id)}
                  onChange={() => change({ columns: { by: 'sheets', sheetIds: toggled(columns.sheetIds, sheet.id) } })}
                >
                  {sheet.name} · {lengths.thickness(sheet.caliperMm)}
                </Tick>
              ))
            : THICKNESSES_MM.map((mm) => (
                <Tick
                  key={mm}
                  className="tabular-nums"
                  checked={columns.mm.includes(mm)}
                  onChange={() => change({ columns: { by: 'thicknesses', mm: toggled(columns.mm, mm) } })}
                >
                  {lengths.thickness(mm)}
                </Tick>
              ))}
        </div>
        {missing.has('columns') && (
          <p role="alert" className="text-danger">
            <span aria-hidden>▲ </span>
            {t('wall.form.columnsMissing')}
          </p>
        )}
      </fieldset>
      <Button look="next" type="submit" icon={<Save aria-hidden size={18} />}>
        {t('common.save')}
      </Button>
    </form>
  )
}
