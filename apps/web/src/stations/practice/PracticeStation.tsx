import { type ExerciseId, exerciseIds, exerciseOf, faultExerciseIds, type Grade } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { gradesSoFar } from '../../data/practice.js'
import { Badge } from '../../ui/Badge.js'
import { ButtonLink } from '../../ui/Button.js'
import { Panel } from '../../ui/Panel.js'

/** Some exercises, easy ones first, each with the best that was done so far. */
const Exercises = ({
  ids,
  from,
  grades,
  next,
}: {
  readonly ids: readonly ExerciseId[]
  /** Number of the first. */
  readonly from: number
  readonly grades: Partial<Record<ExerciseId, Grade>>
  /** The one to begin with. */
  readonly next: ExerciseId | undefined
}) => {
  const { t } = useTranslation()
  return (
    <ol className="grid gap-3 md:grid-cols-2 wide:grid-cols-3">
      {ids.map((id, at) => {
        const grade = grades[id]
        return (
          <li key={id}>
            <Panel className="flex h-full flex-col">
              <p className="flex items-center justify-between text-ink-soft">
                {t('practice.exercise', { number: from + at })}
                <Badge tone={grade ? 'clean' : 'plain'}>{t(`practice.grade.${grade ?? 'open'}`)}</Badge>
              </p>
              <h3 className="text-xl">{t(`practice.exercises.${id}.name`)}</h3>
              <p className="my-2 flex-1">{t(`practice.exercises.${id}.text`)}</p>
              <p className="flex items-center justify-between gap-2">
                <span className="text-sm text-ink-soft">
                  {t('practice.par', { count: exerciseOf(id, (thing) => thing).par })}
                </span>
                <ButtonLink
                  look={id === next ? 'next' : 'plain'}
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
  )
}

/** The exercises: a press to find out, and presses on which something is wrong. */
export const Component = () => {
  const { t } = useTranslation()
  const grades = gradesSoFar()
  const next = [...exerciseIds, ...faultExerciseIds].find((id) => grades[id] === undefined)
  const isAllMastered = faultExerciseIds.every((id) => grades[id] === 'mastered')
  return (
    <>
      <h1 className="text-3xl">{t('practice.title')}</h1>
      <p className="mb-4 max-w-prose text-ink-soft">{t('practice.intro')}</p>
      <h2 className="mb-2 text-2xl">{t('practice.findOut')}</h2>
      <Exercises ids={exerciseIds} from={1} grades={grades} next={next} />
      <h2 className="mt-8 text-2xl">{t('practice.faults.title')}</h2>
      <p className="mb-4 max-w-prose text-ink-soft">{t('practice.faults.intro')}</p>
      <Exercises ids={faultExerciseIds} from={exerciseIds.length + 1} grades={grades} next={next} />
      <p className="mt-4">
        {isAllMastered ? (
          <ButtonLink to="/practice/mastered">{t('practice.faults.print')}</ButtonLink>
        ) : (
          <span className="text-ink-soft">{t('practice.faults.notYet')}</span>
        )}
      </p>
    </>
  )
}
