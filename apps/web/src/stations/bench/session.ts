import {
  type Answers,
  cameOutAsWanted,
  cameOutGood,
  keyOfPlates,
  keyOfReference,
  type Looser,
  NOT_FELT,
  NOT_LOOKED,
  platesOf,
  type RemedyId,
  type Round,
  sheetsGoOn,
  type StackReference,
} from '@bold-heron/core'

/** What is tried in a round against what went wrong before, and the shim that lies in the middle from then on, mm. */
interface Remedied {
  readonly remedy?: RemedyId | undefined
  readonly centreShimMm?: number | undefined
}

/** One round that was pressed and looked at. */
export interface PressedAtBench extends Remedied {
  readonly runId: string
  readonly stack: StackReference
  readonly freshSheets: boolean
  readonly look: Round
  /** Pieces that came out good, and that were spoilt. */
  readonly pieces: number
  readonly spoilt: number
  /** When it was told. */
  readonly at: string
}

/** The round that is being worked on. */
export interface RoundInHand extends Remedied {
  readonly runId: string
  /** When the run was begun. */
  readonly beganAt: string
  readonly followsRunId: string | null
  readonly stack: StackReference
  readonly passes: number
  readonly freshSheets: boolean
  /** The dies that are pressed again, where others were taken off; absent: all. */
  readonly onlyDieIds?: readonly string[] | undefined
  /**
   * What has to be laid: the whole stack; what changed of it; nothing; what changes of another run's stack, and this run's things in it;
   * or only these, where the plates are the same.
   */
  readonly laying: 'all' | 'change' | 'nothing' | 'onto' | 'things'
}

/** What of an evening is pressed: runs of one batch, for one job or several whose dies lie side by side. */
export interface EveningBatch {
  readonly eveningId: string
  readonly batchId: string
  readonly pressId: string
  /** Who stands at that press; absent in what was kept before it was noted. */
  readonly person?: string
  readonly jobIds: readonly string[]
  readonly names: readonly string[]
  readonly copies: readonly number[]
  /** Pieces that one die of each job gives of one sheet; one each where absent. */
  readonly piecesEach?: readonly number[]
  /** Pieces of each job that it is to give, and in how many runs of how many sheets. */
  readonly pieces: readonly number[]
  readonly runs: number
  readonly sheetCount: number
  readonly stack: StackReference
  /** What lies in the press when it is begun. */
  readonly inPress: StackReference
}

/** Pieces of one of a batch's jobs that a sheet gives. */
export const piecesASheet = ({ copies, piecesEach }: Pick<EveningBatch, 'copies' | 'piecesEach'>, at: number): number =>
  (copies[at] ?? 1) * (piecesEach?.[at] ?? 1)

/**
 * A session at the Bench, as it is kept in the browser. It holds nothing that the server could not do without: whatever was seen
 * is in the outbox already.
 */
export interface BenchSession {
  readonly jobId: string
  /** What is pressed; with another die, sheet or press, what was told here is of no use. */
  readonly cutKey: string
  readonly round: RoundInHand
  /** Which step of the round, and how many passes are done. */
  readonly step: number
  readonly passesDone: number
  /** How far each join of a border was out in this round, mm; null where nothing was told. */
  readonly joinsOut?: readonly (number | null)[]
  readonly pressed: readonly PressedAtBench[]
  /** Rounds told before this session was begun anew; a press does not forget them. */
  readonly earlier: readonly PressedAtBench[]
  /** Whether it is pressed on scrap for now, as there is only one of the piece. */
  readonly rehearsing: boolean
  /** Good pieces that the job had when the session began. */
  readonly cutBefore: number
  /** Of an evening; absent where a job is pressed by itself. */
  readonly evening?: EveningBatch | undefined
  /** What was answered about what went wrong, since the last fresh beginning. */
  readonly answers?: Answers | undefined
  /** Why the first round is looser than the plan's best, where it is. */
  readonly looser?: Looser | undefined
  /** Whether the last look is being answered with a next try or with finishing. */
  readonly stage: 'round' | 'next' | 'finish'
}

/** A run that a session begins: its id, and when. */
export interface NewRun {
  readonly runId: string
  readonly at: string
}

/** A run that is begun now. */
export const newRun = (): NewRun => ({ runId: crypto.randomUUID(), at: new Date().toISOString() })

/** What a session begins with; where there is only one of the piece, by rehearsing. */
type Begins = Pick<BenchSession, 'jobId' | 'cutKey' | 'cutBefore'> &
  Partial<Pick<BenchSession, 'rehearsing' | 'evening' | 'looser'>>

/** What has to be laid of a stack where something lies in the press already. */
const layingOnto = (inPress: StackReference, stack: StackReference): RoundInHand['laying'] =>
  inPress.length === 0 ? 'all' : keyOfPlates(platesOf(inPress)) === keyOfPlates(platesOf(stack)) ? 'things' : 'onto'

/** Begins with a planned stack, after whatever was told before. */
export const startSession = (
  { jobId, cutKey, cutBefore, rehearsing = false, evening, looser }: Begins,
  stack: StackReference,
  passes: number,
  { runId, at }: NewRun,
  earlier: readonly PressedAtBench[] = [],
): BenchSession => ({
  jobId,
  cutKey,
  round: {
    runId,
    beganAt: at,
    followsRunId: null,
    stack,
    passes,
    freshSheets: true,
    laying: layingOnto(evening?.inPress ?? [], stack),
  },
  ...(evening ? { evening } : {}),
  ...(looser ? { looser } : {}),
  step: 0,
  passesDone: 0,
  pressed: [],
  earlier,
  rehearsing,
  cutBefore,
  stage: 'round',
})

/** All rounds that were told, those before the session was begun anew too, in their order. */
export const toldSoFar = ({
  earlier,
  pressed,
}: Pick<BenchSession, 'earlier' | 'pressed'>): readonly PressedAtBench[] => [...earlier, ...pressed]

/** Goes `by` steps on or back, of so many. */
export const moved = (session: BenchSession, by: number, steps: number): BenchSession => ({
  ...session,
  step: Math.min(steps - 1, Math.max(0, session.step + by)),
})

/** Notes when a run was begun: when the first of its steps was done, however long the page had lain open before. */
export const begun = (session: BenchSession, at: string): BenchSession =>
  session.step === 0 && !session.pressed.some(({ runId }) => runId === session.round.runId)
    ? { ...session, round: { ...session.round, beganAt: at } }
    : session

/** One pass more, or one fewer where it was counted by mistake. */
export const passCounted = (session: BenchSession, by: 1 | -1): BenchSession => ({
  ...session,
  passesDone: Math.max(0, session.passesDone + by),
})

/** Notes how far a join of a border was out, mm. */
export const joinTold = (session: BenchSession, join: number, outMm: number): BenchSession => {
  const joinsOut = [...(session.joinsOut ?? [])]
  while (joinsOut.length <= join) joinsOut.push(null)
  joinsOut[join] = outMm
  return { ...session, joinsOut }
}

/** Writes down what was seen: then comes finishing where it is good, else the next try. */
export const told = (
  session: BenchSession,
  look: Round,
  { pieces, spoilt }: Pick<PressedAtBench, 'pieces' | 'spoilt'>,
  at: string,
): BenchSession => {
  const { runId, stack, freshSheets, remedy, centreShimMm } = session.round
  const good = cameOutGood(look)
  const tried = { ...(remedy ? { remedy } : {}), ...(centreShimMm ? { centreShimMm } : {}) }
  return {
    ...session,
    pressed: [...session.pressed, { runId, stack, freshSheets, look, pieces: good ? pieces : 0, spoilt, at, ...tried }],
    stage: good && cameOutAsWanted(look) ? 'finish' : 'next',
  }
}

/** The last round with what hung in it pointed out. */
export const pointedOut = (session: BenchSession, look: Round): BenchSession => ({
  ...session,
  pressed: session.pressed.map((each, at) => (at === session.pressed.length - 1 ? { ...each, look } : each)),
})

/** Takes up a next try, of only some dies where the others came out and are taken off: the same sheets go on where they may, and the same stack on the same sheets is the same run. */
export const tryNext = (
  session: BenchSession,
  stack: StackReference,
  passes: number,
  newRun: NewRun,
  only?: readonly string[],
  against: Remedied & { readonly freshSheets?: boolean } = {},
): BenchSession => {
  const last = session.pressed.at(-1)
  const goesOn = last !== undefined && sheetsGoOn(last.look) && !against.freshSheets
  const sameStack = last !== undefined && keyOfReference(last.stack) === keyOfReference(stack)
  const onlyDieIds = goesOn ? (only ?? session.round.onlyDieIds) : undefined
  const sameDies = onlyDieIds?.length === session.round.onlyDieIds?.length
  const sameRun = goesOn && sameStack && sameDies
  return {
    ...session,
    round: {
      runId: sameRun ? last.runId : newRun.runId,
      beganAt: sameRun ? session.round.beganAt : newRun.at,
      followsRunId: sameRun ? session.round.followsRunId : goesOn ? last.runId : null,
      stack,
      passes,
      freshSheets: !goesOn,
      onlyDieIds,
      // Where something is to be put right the stack is laid anew, be it the same.
      laying: sameStack && sameDies ? (against.remedy === 'wrong-layer' ? 'all' : 'nothing') : 'change',
      remedy: against.remedy,
      centreShimMm: against.centreShimMm ?? session.round.centreShimMm,
    },
    step: 0,
    passesDone: 0,
    joinsOut: [],
    stage: 'round',
  }
}

/** One more of a series, pressed as the one before, of which nobody looked what came of it. */
export const pressedUnseen = (
  session: BenchSession,
  passes: number,
  pieces: number,
  { runId, at }: NewRun,
): BenchSession => ({
  ...session,
  round: { ...session.round, runId, beganAt: at, followsRunId: null, passes, freshSheets: true, laying: 'nothing' },
  pressed: [
    ...session.pressed,
    {
      runId,
      stack: session.round.stack,
      freshSheets: true,
      look: { passes, seen: NOT_LOOKED, hangingShare: null, hangingPlace: null, feel: NOT_FELT },
      pieces,
      spoilt: 0,
      at,
    },
  ],
  stage: 'finish',
})

/** Takes back the last one of a series. */
export const unseenTakenBack = (session: BenchSession): BenchSession => ({
  ...session,
  pressed: session.pressed.slice(0, -1),
})

/** Whether the last round that was told was one of a series, which nobody looked at. */
export const lastWasUnseen = ({ pressed }: BenchSession): boolean => pressed.at(-1)?.look.seen === NOT_LOOKED

/** Another piece with the stack that just worked. */
export const oneMore = (session: BenchSession, passes: number, { runId, at }: NewRun): BenchSession => ({
  ...session,
  round: {
    ...session.round,
    runId,
    beganAt: at,
    followsRunId: null,
    passes,
    freshSheets: true,
    onlyDieIds: undefined,
    laying: session.round.onlyDieIds ? 'things' : 'nothing',
    remedy: undefined,
  },
  answers: {},
  step: 0,
  passesDone: 0,
  joinsOut: [],
  stage: 'round',
})

/** The rehearsal was as it should be: now the one piece, with the stack that just worked. */
export const onlyPiece = (session: BenchSession, passes: number, newRun: NewRun): BenchSession => ({
  ...oneMore(session, passes, newRun),
  rehearsing: false,
})

/** All rounds of the run that was told of last, in order. */
export const roundsOfLastRun = (session: BenchSession): readonly PressedAtBench[] => {
  const runId = session.pressed.at(-1)?.runId
  return session.pressed.filter((each) => each.runId === runId)
}

/** All passes that the last piece took, so that another like it is pressed the same. */
export const passesWanted = (session: BenchSession): number =>
  roundsOfLastRun(session).reduce((sum, each) => sum + each.look.passes, 0)
