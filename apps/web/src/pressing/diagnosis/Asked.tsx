import type { Answers, QuestionId } from '@bold-heron/core'
import { Button } from '../../ui/Button.js'
import type { DiagnosisWords } from './words.js'

/** The one question that is worth asking, and the way to answer all anew. */
export const Asked = ({
  words: { ask, questions },
  question,
  answers,
  lookUp,
  onAnswer,
}: {
  readonly words: DiagnosisWords
  readonly question: QuestionId | undefined
  readonly answers: Answers
  readonly lookUp: ((question: QuestionId) => boolean) | undefined
  readonly onAnswer: (answers: Answers) => void
}) => (
  <>
    {question && (
      <div className="rounded-lg border-2 border-ink bg-sunk p-4" role="group" aria-labelledby="asked">
        <p className="text-base text-ink-soft">{ask.title}</p>
        <p id="asked" className="mb-3 font-bold">
          {questions[question]}
        </p>
        <div className="flex flex-wrap gap-2">
          {lookUp ? (
            <Button
              className="min-h-14 min-w-24"
              onClick={() => onAnswer({ ...answers, [question]: lookUp(question) })}
            >
              {ask.look}
            </Button>
          ) : (
            ([true, false, null] as const).map((isSo) => (
              <Button
                key={String(isSo)}
                look={isSo === null ? 'quiet' : 'plain'}
                className="min-h-14 min-w-24"
                onClick={() => onAnswer({ ...answers, [question]: isSo })}
              >
                {isSo === null ? ask.unknown : isSo ? ask.yes : ask.no}
              </Button>
            ))
          )}
        </div>
      </div>
    )}
    {lookUp && Object.keys(answers).length > 0 && (
      <ul className="text-base text-ink-soft">
        {(Object.entries(answers) as [QuestionId, boolean | null][]).map(([asked, isSo]) => (
          <li key={asked}>
            {questions[asked]} {isSo ? ask.yes : ask.no}.
          </li>
        ))}
      </ul>
    )}
    {!lookUp && Object.keys(answers).length > 0 && (
      <Button look="quiet" className="min-h-12" onClick={() => onAnswer({})}>
        {ask.anew}
      </Button>
    )}
  </>
)
