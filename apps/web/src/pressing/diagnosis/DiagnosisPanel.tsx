import type { Answers, HangingStretch, PlanRequest, QuestionId, RankedRemedy, ReportedRound } from '@bold-heron/core'
import { useMemo } from 'react'
import { useDiagnosis, useHelped } from '../../data/diagnosis.js'
import { stretchPaths } from '../../paths/stretch-paths.js'
import { Loaded } from '../../ui/states.js'
import { Asked } from './Asked.js'
import { Causes } from './Causes.js'
import { FromPhoto } from './FromPhoto.js'
import { Helped } from './Helped.js'
import { paintedIn, toldOf } from './painting.js'
import { PaintOutline } from './PaintOutline.js'
import { Remedies } from './Remedies.js'
import { useDiagnosisWords } from './use-words.js'

const NOTHING_HELPED = { since: null, causes: [] }

/** What went wrong in the last of some rounds: painted, asked, ranked, and what to do about it. */
export const DiagnosisPanel = ({
  name,
  request,
  rounds,
  answers,
  onPaint,
  onAnswer,
  lookUp,
  onTry,
}: {
  /** Tells one thing that is asked about from another. */
  readonly name: string
  readonly request: PlanRequest
  readonly rounds: readonly ReportedRound[]
  readonly answers: Answers
  readonly onPaint: (hanging: readonly HangingStretch[]) => void
  readonly onAnswer: (answers: Answers) => void
  /** Looks in place of whoever is asked, at a simulated press. */
  readonly lookUp?: ((question: QuestionId) => boolean) | undefined
  /** Takes a remedy up for the next round; absent where nothing is being pressed. */
  readonly onTry?: ((remedy: RankedRemedy) => void) | undefined
}) => {
  const words = useDiagnosisWords()
  const { dies, press } = request.cut
  const paths = useMemo(() => stretchPaths(dies, press.throatMm), [dies, press.throatMm])
  // Out of reach nothing is known to have helped, and all goes on.
  const helped = useHelped()
  const before = helped.data ?? (helped.isError ? NOTHING_HELPED : undefined)
  const { diagnosis, first } = useDiagnosis(name, request, rounds, answers, before)
  const { look, stack } = rounds.at(-1) as ReportedRound
  const painted = paintedIn(dies, look.hangingAt ?? [])
  const isOld = diagnosis.isPlaceholderData
  const ranked = diagnosis.data && !isOld ? diagnosis.data.causes : (first ?? diagnosis.data?.causes)
  return (
    <Loaded query={words} what="">
      {(said) => (
        <section aria-label={said.title} className="space-y-5">
          <h2 className="text-2xl">{said.title}</h2>
          {look.seen === 'hanging' && (
            <>
              <PaintOutline
                words={said}
                paths={paths}
                painted={painted}
                onChange={(next) => onPaint(toldOf(dies, next))}
              />
              <FromPhoto words={said} paths={paths} onRead={(next) => onPaint(toldOf(dies, next))} />
            </>
          )}
          <Loaded query={diagnosis} what={said.thinking}>
            {(found) => (
              <div className="space-y-5" aria-busy={isOld}>
                <Asked
                  words={said}
                  question={found.question?.id}
                  answers={answers}
                  lookUp={lookUp}
                  onAnswer={onAnswer}
                />
                <Remedies
                  words={said}
                  remedies={found.remedies}
                  likeliest={found.causes[0]?.causes[0]}
                  isOld={isOld}
                  onTry={onTry}
                />
              </div>
            )}
          </Loaded>
          {ranked && (
            <Causes
              words={said}
              causes={ranked}
              paths={paths}
              painted={look.hangingAt ? painted : undefined}
              request={request}
              stack={stack}
            />
          )}
          <Helped words={said} helped={before} />
        </section>
      )}
    </Loaded>
  )
}
