import { type DieClass, dieClasses, factsOfDieClass, techniqueOf } from '@bold-heron/core'
import { type ChartInput, MOST_CHART_ROWS } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useEveryRow } from '../../../data/rows.js'
import { DieThumb } from '../../../drawing/DieThumb.js'
import { Choice } from '../../../ui/Choice.js'
import type { Draft } from '../../../ui/record/draft.js'
import { FormPart } from '../../../ui/record/RecordForm.js'
import { TickList } from './TickList.js'

/** What is pressed: dies of the shelf, or kinds of dies. */
export const RowsField = ({ draft }: { readonly draft: Draft<ChartInput> }) => {
  const { t } = useTranslation()
  const dies = useEveryRow('dies').data ?? []
  const { rows, technique } = draft.value
  const isTaken = (dieClass: DieClass): boolean => techniqueOf(technique).takes.includes(factsOfDieClass(dieClass).use)
  return (
    <FormPart legend={t('wall.form.rows')} fault={draft.isWrong('rows') ? t('wall.form.rowsMissing') : undefined}>
      <Choice<'dies' | 'classes'>
        label={t('wall.form.rows')}
        value={rows.by}
        options={[
          { value: 'dies', text: t('wall.form.myDies') },
          { value: 'classes', text: t('wall.form.dieKinds') },
        ]}
        onChange={(by) =>
          draft.change({ rows: by === 'dies' ? { by, dieIds: [] } : { by, dieClasses: dieClasses.filter(isTaken) } })
        }
      />
      {rows.by === 'dies' ? (
        <>
          <p className="my-1 text-sm text-ink-soft">{t('wall.form.allDies', { most: MOST_CHART_ROWS })}</p>
          <TickList
            className="grid max-h-48 gap-1 sm:grid-cols-2"
            items={dies
              .filter(({ dieClass }) => isTaken(dieClass))
              .map((die) => ({
                key: die.id,
                shown: (
                  <>
                    <DieThumb die={die} />
                    <span className="min-w-0 truncate">{die.name}</span>
                  </>
                ),
              }))}
            chosen={rows.dieIds}
            onChange={(dieIds) => draft.change({ rows: { by: 'dies', dieIds } })}
          />
        </>
      ) : (
        <TickList
          className="flex flex-wrap gap-x-4"
          items={dieClasses.filter(isTaken).map((each) => ({ key: each, shown: t(`words.dieClass.${each}`) }))}
          chosen={rows.dieClasses}
          onChange={(chosen) => draft.change({ rows: { by: 'classes', dieClasses: chosen } })}
        />
      )}
    </FormPart>
  )
}
