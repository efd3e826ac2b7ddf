import { useTranslation } from 'react-i18next'
import { useEveryRow } from '../../../data/rows.js'
import { ButtonLink } from '../../../ui/Button.js'
import { NewRecord } from '../../../ui/record/RecordDialogs.js'
import { RecordList } from '../../../ui/record/RecordList.js'
import { Empty } from '../../../ui/states.js'
import { blankChart } from './blank.js'
import { ChartForm } from './ChartForm.js'
import { ChartMini } from './ChartMini.js'

/** Every wall chart, by name. */
export const Component = () => {
  const { t } = useTranslation()
  const charts = useEveryRow('charts')
  const presses = useEveryRow('presses').data
  const press = presses?.[0]
  return (
    <>
      <NewRecord kind="charts" title={t('wall.newChart')} to="/wall/charts" mayBegin={press !== undefined}>
        {(onSave, error) => (
          <ChartForm
            start={blankChart(press?.id ?? '', press ? t('wall.chartOf', { press: press.name }) : '')}
            onSave={onSave}
            error={error}
          />
        )}
      </NewRecord>
      <RecordList
        query={charts}
        what={t('wall.loading')}
        to="/wall/charts"
        empty={
          <Empty
            title={t('wall.emptyTitle')}
            action={
              presses?.length === 0 && (
                <ButtonLink look="next" to="/shelf/presses">
                  {t('wall.emptyPress')}
                </ButtonLink>
              )
            }
          >
            {t('wall.emptyText')}
          </Empty>
        }
      >
        {(chart) => (
          <>
            <p className="text-ink-soft">
              {chart.pressName} · {t(`words.technique.${chart.technique}`)}
            </p>
            <ChartMini chart={chart} />
          </>
        )}
      </RecordList>
    </>
  )
}
