import { exerciseOf, faultExerciseIds } from '@bold-heron/core'
import { Printer } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { gradesSoFar } from '../../data/practice.js'
import { useDiagnosisWords } from '../../pressing/diagnosis/use-words.js'
import { Button } from '../../ui/Button.js'
import { Loaded } from '../../ui/states.js'

/** A page to print once everything that may be wrong was found and put right: each cause, its reason and what helps. */
export const Component = () => {
  const { t } = useTranslation()
  const words = useDiagnosisWords()
  const grades = gradesSoFar()
  const causes = [...new Set(faultExerciseIds.flatMap((id) => exerciseOf(id, (thing) => thing).faults ?? []))]
  if (faultExerciseIds.some((id) => grades[id] !== 'mastered')) return <p>{t('practice.faults.notYet')}</p>
  return (
    <Loaded query={words} what="">
      {(said) => (
        <article className="mx-auto max-w-3xl">
          <header className="flex items-start justify-between gap-3">
            <h1 className="text-3xl">{t('practice.faults.mastered')}</h1>
            <Button icon={<Printer aria-hidden size={18} />} onClick={() => print()}>
              {t('practice.faults.printIt')}
            </Button>
          </header>
          <p className="mb-4 text-ink-soft">{t('practice.faults.masteredText')}</p>
          <dl className="columns-1 gap-8 sm:columns-2 print:columns-2">
            {causes.map((cause) => (
              <div key={cause} className="mb-3 break-inside-avoid">
                <dt className="font-bold">{said.causes[cause].name}</dt>
                <dd className="text-base">{said.causes[cause].why}</dd>
                <dd className="text-base italic">{said.causes[cause].remedy}</dd>
              </div>
            ))}
          </dl>
        </article>
      )}
    </Loaded>
  )
}
