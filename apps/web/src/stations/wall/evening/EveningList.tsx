import { Plus } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link, useNavigate, useSearchParams } from 'react-router'
import { useAddRow, useEveryRow } from '../../../data/rows.js'
import { Button, ButtonLink } from '../../../ui/Button.js'
import { Modal } from '../../../ui/Modal.js'
import { Empty, Failure, Loaded } from '../../../ui/states.js'
import { blankEvening, EveningForm } from './EveningForm.js'
import { EveningMini } from './EveningMini.js'

/** Every evening, the latest first. */
export const Component = () => {
  const { t } = useTranslation()
  const navigate = useNavigate()
  const evenings = useEveryRow('evenings')
  const presses = useEveryRow('presses').data
  const jobs = useEveryRow('jobs').data
  const adding = useAddRow('evenings')
  const [search] = useSearchParams()
  const [isOpen, setOpen] = useState(search.has('new'))
  const press = presses?.[0]
  return (
    <>
      <div className="mb-3 flex justify-end">
        {press && (jobs?.length ?? 0) > 0 && (
          <Button look="next" icon={<Plus aria-hidden size={18} />} onClick={() => setOpen(true)}>
            {t('wall.evening.new')}
          </Button>
        )}
      </div>
      <Modal
        open={isOpen && press !== undefined && jobs !== undefined}
        onClose={() => setOpen(false)}
        title={t('wall.evening.new')}
        wide
      >
        <EveningForm
          start={blankEvening(t('wall.evening.anEvening'), t('wall.evening.somebody', { number: 1 }), press?.id ?? '')}
          onSave={(input) => adding.mutate(input, { onSuccess: ({ id }) => void navigate(`/wall/evenings/${id}`) })}
        />
        {adding.error && <Failure error={adding.error} />}
      </Modal>
      <Loaded query={evenings} what={t('wall.loading')}>
        {(rows) =>
          rows.length === 0 ? (
            <Empty
              title={t('wall.evening.emptyTitle')}
              action={
                jobs?.length === 0 && (
                  <ButtonLink look="next" to="/jobs">
                    {t('wall.evening.emptyJobs')}
                  </ButtonLink>
                )
              }
            >
              {t('wall.evening.emptyText')}
            </Empty>
          ) : (
            <ul className="grid gap-3 md:grid-cols-2">
              {rows.map((evening) => (
                <li key={evening.id} className="rounded-lg border border-line p-3">
                  <Link to={`/wall/evenings/${evening.id}`} className="font-display text-lg font-semibold">
                    {evening.name}
                  </Link>
                  <p className="text-ink-soft">
                    {t('wall.evening.listSays', {
                      count: evening.jobs.length,
                      left: evening.progress.reduce((sum, { cut, wanted }) => sum + Math.max(0, wanted - cut), 0),
                    })}
                  </p>
                  <EveningMini progress={evening.progress} />
                </li>
              ))}
            </ul>
          )
        }
      </Loaded>
    </>
  )
}
