import {
  type BlindOutcome,
  type CauseId,
  type Exercise,
  type ExerciseId,
  exerciseIds,
  faultExerciseIds,
  type Grade,
} from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { useDiagnosisWords } from '../../pressing/diagnosis/use-words.js'
import { Button, ButtonLink } from '../../ui/Button.js'
import { BenchTitle } from '../bench/steps/BenchTitle.js'

/** How an attempt is judged, by what really happened. */
export const Result = ({
  exercise,
  cause,
  outcomes,
  grade,
  onGoOn,
  onAnother,
}: {
  readonly exercise: Exercise
  /** What was wrong, where something was hidden. */
  readonly cause: CauseId | undefined
  readonly outcomes: readonly BlindOutcome[]
  readonly grade: Grade
  readonly onGoOn: () => void
  readonly onAnother: () => void
}) => {
  const { t } = useTranslation()
  const stops = outcomes.filter((each) => each.isOverload).length
  const last = outcomes.at(-1)
  const all: readonly ExerciseId[] = [...exerciseIds, ...faultExerciseIds]
  const next = all[all.indexOf(exercise.id) + 1]
  const words = useDiagnosisWords().data
  return (
    <div className="space-y-4">
      <BenchTitle>{t(`practice.result.${grade}`)}</BenchTitle>
      {grade === 'open' && last ? (
        <p>{t('practice.result.notClean', { seen: t(`words.seen.${last.look.seen}`) })}</p>
      ) : (
        <p>{t('practice.result.rounds', { count: outcomes.length, par: exercise.par })}</p>
      )}
      {grade !== 'open' && cause && words && (
        <p>
          {t('practice.faults.was')} <strong>{words.causes[cause].name}.</strong> {words.causes[cause].why}
        </p>
      )}
      {stops > 0 && <p>{t('practice.result.stops', { count: stops })}</p>}
      {outcomes.some((each) => each.isHarm) && <p>{t('practice.result.harm')}</p>}
      {outcomes.some((each) => each.look.seen === 'cut-into-pad') && <p>{t('practice.result.deep')}</p>}
      <div className="flex flex-wrap justify-end gap-3">
        {grade === 'open' ? (
          <Button look="next" autoFocus className="min-h-16 px-8 text-2xl" onClick={onGoOn}>
            {t('practice.result.goOn')}
          </Button>
        ) : (
          <>
            <Button className="min-h-16 px-6 text-xl" onClick={onAnother}>
              {t('practice.result.another')}
            </Button>
            {next && (
              <ButtonLink look="next" className="min-h-16 px-8 text-2xl" to={`/practice/${next}`}>
                {t('practice.result.next')}
              </ButtonLink>
            )}
          </>
        )}
      </div>
    </div>
  )
}
