import type { PlanRequest, RankedCause, Stack } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import type { StretchPaths } from '../../paths/stretch-paths.js'
import { useLengths } from '../../text/lengths.js'
import { sayChance } from '../../text/say-cut.js'
import { HangingPicture } from './HangingPicture.js'
import { NoteIt } from './NoteIt.js'
import type { DiagnosisWords } from './words.js'

/** So many are shown with their pictures, the others by name; what is less likely than this is left out. */
const SHOWN = 3
const WORTH_NAMING = 0.02
/** A stretch is drawn as hanging from this chance on. */
const DRAWN_FROM = 0.5

/** The likeliest causes, each beside what was painted as it would look by it. */
export const Causes = ({
  words,
  causes,
  paths,
  painted,
  request,
  stack,
}: {
  readonly words: DiagnosisWords
  readonly causes: readonly RankedCause[]
  readonly paths: StretchPaths
  readonly painted: readonly boolean[] | undefined
  readonly request: PlanRequest
  readonly stack: Stack
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { found } = words
  const nameOf = (cause: RankedCause): string =>
    cause.causes.map((id) => words.causes[id].name).reduce((one, other) => found.both(one, other))
  const likely = causes.filter(({ chance }) => chance >= WORTH_NAMING)
  const rest = likely.slice(SHOWN)
  return (
    <div>
      <h3 className="mb-2 text-lg">{found.title}</h3>
      <ol className="space-y-3">
        {likely.slice(0, SHOWN).map((cause) => (
          <li key={cause.causes.join()} className="flex flex-wrap items-start gap-3 rounded-lg border border-line p-3">
            {painted && cause.hangs.length > 0 && (
              <span className="flex gap-2">
                <HangingPicture
                  paths={paths}
                  hangs={(at) => painted[at] ?? false}
                  spoken={words.paint.painted}
                  className="h-24 w-24"
                />
                <HangingPicture
                  paths={paths}
                  hangs={(at) => (cause.hangs[at] ?? 0) >= DRAWN_FROM}
                  spoken={found.pictured}
                  className="h-24 w-24"
                />
              </span>
            )}
            <div className="min-w-48 flex-1">
              <p className="font-bold">
                {nameOf(cause)}{' '}
                <span className="font-normal whitespace-nowrap text-ink-soft">
                  {found.inHundred(sayChance(t, cause.chance))}
                </span>
              </p>
              {cause.mm !== undefined && cause.mm > 0 && (
                <p className="text-base text-ink-soft">{found.amount(lengths.thickness(cause.mm), cause.of)}</p>
              )}
              <p className="text-base">{cause.causes.map((id) => words.causes[id].why).join(' ')}</p>
              <NoteIt words={words} cause={cause} request={request} stack={stack} />
            </div>
          </li>
        ))}
      </ol>
      {rest.length > 0 && (
        <p className="mt-2 text-base text-ink-soft">
          {found.rest}: {rest.map((cause) => `${nameOf(cause)} (${sayChance(t, cause.chance)})`).join(', ')}
        </p>
      )}
    </div>
  )
}
