import type { Answers, HangingStretch, PlanRequest, RankedRemedy, ToldRound } from '@bold-heron/core'
import { useMemo } from 'react'
import { useDiagnosis } from '../../data/diagnosis.js'
import { stretchPaths } from '../../paths/stretch-paths.js'
import { Loaded } from '../../ui/states.js'
import { Asked } from './Asked.js'
import { Causes } from './Causes.js'
import { FromPhoto } from './FromPhoto.js'
import { paintedIn, toldOf } from './painting.js'
import { PaintOutline } from './PaintOutline.js'
import { Remedies } from './Remedies.js'
import { useDiagnosisWords } from './use-words.js'

/** What went wrong in the last of some rounds: painted, asked, ranked, and what to do about it. */
export const DiagnosisPanel = ({
  name,
  request,
  rounds,
  answers,
  onPaint,
  onAnswer,
  onTry,
}: {
  /** Tells one thing that is asked about from another. */
  readonly name: string
  readonly request: PlanRequest
  readonly rounds: readonly ToldRound[]
  readonly answers: Answers
  readonly onPaint: (hanging: readonly HangingStretch[]) => void
  readonly onAnswer: (answers: Answers) => void
  /** Takes a remedy up for the next round; absent where nothing is being pressed. */
  readonly onTry?: ((remedy: RankedRemedy) => void) | undefined
}) => {
  const words = useDiagnosisWords()
  const { dies, press } = request.cut
  const paths = useMemo(() => stretchPaths(dies, press.throatMm), [dies, press.throatMm])
  const diagnosis = useDiagnosis(name, request, rounds, answers)
  const { look } = rounds.at(-1) as ToldRound
  const painted = paintedIn(dies, look.hangingAt ?? [])
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
              <div className={diagnosis.isPlaceholderData ? 'space-y-5 opacity-60' : 'space-y-5'}>
                <Asked words={said} question={found.question?.id} answers={answers} onAnswer={onAnswer} />
                <Remedies words={said} remedies={found.remedies} likeliest={found.causes[0]?.causes[0]} onTry={onTry} />
                <Causes
                  words={said}
                  causes={found.causes}
                  paths={paths}
                  painted={look.hangingAt ? painted : undefined}
                />
              </div>
            )}
          </Loaded>
        </section>
      )}
    </Loaded>
  )
}
