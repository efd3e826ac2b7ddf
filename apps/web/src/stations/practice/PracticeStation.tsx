import { exerciseIds, exerciseOf } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { gradesSoFar } from '../../data/practice.js'
import { Badge } from '../../ui/Badge.js'
import { ButtonLink } from '../../ui/Button.js'
import { Panel } from '../../ui/Panel.js'

/** The exercises, easy ones first, each with the best that was done so far. */
export const Component = () => {
  const { t } = useTranslation()
  const grades = gradesSoFar()
  const firstOpen = exerciseIds.find((id) => grades[id] === undefined)
  return (
    <>
      <h1 className="text-3xl">{t('practice.title')}</h1>
      <p className="mb-4 max-w-prose text-ink-soft">{t('practice.intro')}</p>
      <ol className="grid gap-3 md:grid-cols-2 wide:grid-cols-3">
        {exerciseIds.map((id, at) => {
          const grade = grades[id]
          return (
            <li key={id}>
              <Panel className="flex h-full flex-col">
                <p className="flex items-center justify-between text-ink-soft">
                  {t('practice.exercise', { number: at + 1 })}
                  <Badge tone={grade ? 'clean' : 'plain'}>{t(`practice.grade.${grade ?? 'open'}`)}</Badge>
                </p>
                <h2 className="text-xl">{t(`practice.exercises.${id}.name`)}</h2>
                <p className="my-2 flex-1">{t(`practice.exercises.${id}.text`)}</p>
                <p className="flex items-center justify-between gap-2">
                  <span className="text-sm text-ink-soft">
                    {t('practice.par', { count: exerciseOf(id, (thing) => thing).par })}
                  </span>
                  <ButtonLink
                    look={id === firstOpen ? 'next' : 'plain'}
                    to={`/practice/${id}`}
                    aria-label={`${t('practice.begin')}: ${t(`practice.exercises.${id}.name`)}`}
                  >
                    {t('practice.begin')}
                  </ButtonLink>
                </p>
              </Panel>
            </li>
          )
        })}
      </ol>
    </>
  )
}
