import { NOT_LOOKED } from '@bold-heron/core'
import { type JobRow, runInHandOf } from '@bold-heron/schema'
import { EveningStage } from './evening/EveningStage.js'
import { FinishStage } from './FinishStage.js'
import { RehearsedStage } from './RehearsedStage.js'
import { SeriesPanel } from './SeriesPanel.js'
import {
  type BenchSession,
  lastWasUnseen,
  newRun,
  oneMore,
  onlyPiece,
  passesWanted,
  unseenTakenBack,
} from './session.js'

/** Runs told last, one after another, that nobody looked at. */
const unseenInARow = ({ pressed }: BenchSession): number => {
  const lastSeen = pressed.findLastIndex(({ look }) => look.seen !== NOT_LOOKED)
  return pressed.length - 1 - lastSeen
}

/** After a round that came out: what is done next, of a rehearsal, of an evening, or of a job by itself. */
export const FinishOfSession = ({
  job,
  session,
  isSure,
  piecesARun,
  onUnseen,
  onChange,
}: {
  readonly job: JobRow
  readonly session: BenchSession
  /** Whether the stack is sure enough that not every run is looked at. */
  readonly isSure: boolean
  /** Pieces that a good run gives. */
  readonly piecesARun: number
  /** Presses one more that nobody looks at. */
  readonly onUnseen: () => void
  readonly onChange: (session: BenchSession | undefined) => void
}) => {
  const run = runInHandOf(job)
  const more = () => onChange(oneMore(session, passesWanted(session), newRun()))
  if (session.rehearsing)
    return (
      <RehearsedStage onAgain={more} onPiece={() => onChange(onlyPiece(session, passesWanted(session), newRun()))} />
    )
  if (session.evening)
    return (
      <EveningStage
        session={session}
        evening={session.evening}
        job={job}
        onMore={more}
        onDone={() => onChange(undefined)}
      />
    )
  const pieces = session.pressed.reduce((sum, each) => sum + each.pieces, 0)
  const cut = session.cutBefore + (run.finishes ? pieces : 0)
  const left = Math.ceil((job.wanted - cut) / Math.max(1, piecesARun))
  const done = unseenInARow(session)
  const isSeries = isSure && !run.border && (left > 0 || done > 0)
  return (
    <FinishStage
      job={job}
      pieces={pieces}
      cut={cut}
      runId={session.pressed.at(-1)?.runId}
      series={
        isSeries && (
          <SeriesPanel
            left={Math.max(0, left)}
            done={done}
            lastRunId={lastWasUnseen(session) ? session.pressed.at(-1)?.runId : undefined}
            onOne={onUnseen}
            onBack={() => onChange(unseenTakenBack(session))}
          />
        )
      }
      onMore={more}
      onDone={() => onChange(undefined)}
    />
  )
}
