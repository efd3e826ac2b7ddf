import { edgeCutterOf, isDrawn, pitchOf, ribbonWidthOf, USUAL_STRETCH, USUAL_STRIP_MM } from '@bold-heron/core'
import { type JobRow, type PlaceRequest, ribbonOfRun } from '@bold-heron/schema'
import { useMemo, useState } from 'react'
import { useStretch } from '../../../data/stretch.js'
import type { BorderInHand } from './BorderSettings.js'
import { type EdgesInHand, ribbonInHand } from './ribbon-in-hand.js'

/** A border's figures in an order that does not depend on where they come from. */
const nameOf = (border: object | null | undefined): string =>
  JSON.stringify(Object.entries(border ?? {}).sort(([one], [other]) => (one < other ? -1 : 1)))

/** A border or ribbon as it is being set, and everything that follows from it. */
export const useRibbon = (job: JobRow, things: PlaceRequest, runAt: number) => {
  const runs = ribbonOfRun(job.runs, runAt)
  const run = job.runs[runs.middle]
  const edgesRun = runs.edges === undefined ? undefined : job.runs[runs.edges]
  const dieOf = (id: string | undefined) => things.dies.find((die) => die.id === id)
  const die = dieOf(run?.dieIds[0])
  const stretch = useStretch(run?.sheetId ?? '').data
  const found = useMemo(() => (die && isDrawn(die) ? pitchOf(die.outline.lines) : undefined), [die])
  const kept = (run?.border ?? null) as BorderInHand | null
  const [typed, setTyped] = useState<BorderInHand>(
    () =>
      kept ?? {
        dieLengthMm: die?.lengthMm ?? 100,
        pitchMm: found ?? 10,
        stripLengthMm: USUAL_STRIP_MM.lengthMm,
        stripWidthMm: Math.max(USUAL_STRIP_MM.widthMm, Math.ceil(die?.widthMm ?? 0)),
        marginStartMm: 0,
        marginEndMm: 0,
        stretch: USUAL_STRETCH,
        feed: 'joined-end',
        edges: 'one',
        phase: 'matched',
        margins: 'hard',
      },
  )
  const [edgesTyped, setEdges] = useState<EdgesInHand | undefined>(() => {
    const cutter = edgesRun?.dieIds[0]
    const before = edgesRun?.border
    return before && cutter
      ? {
          dieId: cutter,
          widthMm: ribbonWidthOf(before.stripWidthMm),
          toMiddle: before.toMiddle ?? 'matched',
          phase: before.phase,
        }
      : undefined
  })
  const edgeDie = dieOf(edgesTyped?.dieId)
  const cutter = useMemo(() => edgeDie && edgeCutterOf(edgeDie, typed.pitchMm), [edgeDie, typed.pitchMm])
  const inHand = ribbonInHand({ ...typed, stretch: stretch?.value ?? typed.stretch }, die, edgesTyped, edgeDie, cutter)
  const { border, keptEdges } = inHand
  return {
    ...inHand,
    runs,
    die,
    isDrawn: die !== undefined && isDrawn(die),
    found,
    isKept:
      kept !== null &&
      nameOf(kept) === nameOf(border) &&
      edgesRun?.dieIds[0] === keptEdges?.dieId &&
      nameOf(edgesRun?.border) === nameOf(keptEdges?.border),
    set: (change: Partial<BorderInHand>) => setTyped((now) => ({ ...now, ...change })),
    setEdges,
  }
}
