import { Plus } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link, useNavigate } from 'react-router'
import { useAddRow, useEveryRow } from '../../../data/rows.js'
import { Button, ButtonLink } from '../../../ui/Button.js'
import { Modal } from '../../../ui/Modal.js'
import { Empty, Failure, Loaded } from '../../../ui/states.js'
import { blankChart, ChartForm } from './ChartForm.js'
import { ChartMini } from './ChartMini.js'

/** Every wall chart, by name. */
export const Component = () => {
  const { t } = useTranslation()
  const navigate = useNavigate()
  const charts = useEveryRow('charts')
  const presses = useEveryRow('presses')
  const adding = useAddRow('charts')
  const [open, setOpen] = useState(false)
  const firstPress = presses.data?.[0]
  return (
    <>
      <div className="mb-3 flex justify-end">
        {firstPress && (
          <Button look="next" icon={<Plus aria-hidden size={18} />} onClick={() => setOpen(true)}>
            {t('wall.newChart')}
          </Button>
        )}
      </div>
      <Modal open={open} onClose={() => setOpen(false)} title={t('wall.newChart')} wide>
        <ChartForm
          start={blankChart(firstPress?.id ?? '', firstPress ? t('wall.chartOf', { press: firstPress.name }) : '')}
          onSave={(input) => {
            adding.mutate(input, { onSuccess: ({ id }) => void navigate(`/wall/charts/${id}`) })
          }}
        />
        {adding.error && <Failure error={adding.error} />}
      </Modal>
      <Loaded query={charts} what={t('wall.loading')}>
        {(rows) =>
          rows.length === 0 ? (
            <Empty
              title={t('wall.emptyTitle')}
              action={
                presses.data?.length === 0 && (
                  <ButtonLink look="next" to="/shelf/presses">
                    {t('wall.emptyPress')}
                  </ButtonLink>
                )
              }
            >
              {t('wall.emptyText')}
            </Empty>
          ) : (
            <ul className="grid gap-3 md:grid-cols-2">
              {rows.map((chart) => (
                <li key={chart.id} className="rounded-lg border border-line p-3">
                  <Link to={`/wall/charts/${chart.id}`} className="font-display text-lg font-semibold">
                    {chart.name}
                  </Link>
                  <p className="text-ink-soft">
                    {chart.pressName} · {t(`words.technique.${chart.technique}`)}
                  </p>
                  <ChartMini chart={chart} />
                </li>
              ))}
            </ul>
          )
        }
      </Loaded>
    </>
  )
}
