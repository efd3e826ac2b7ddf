import {
  MM_PER_INCH,
  type Placement,
  type StartKind,
  startPlacement,
  techniqueOf,
  USUAL_OVERLAP_MM,
} from '@bold-heron/core'
import { faceFor, type JobRow, runInHandOf, type PlaceRequest } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useLengthStyle } from '../../data/house-rules.js'

/** mm. On a ruler in inches letters reach over the line by a sixteenth. Common practice, no source. */
const INCH_OVERLAP_MM = MM_PER_INCH / 16

/** Begins to lay out a job that has no placement yet, in one of the ways there are. */
export const useStart = (job: JobRow, things: PlaceRequest): ((kind: StartKind) => Placement) => {
  const { t } = useTranslation()
  const { unit } = useLengthStyle()
  const dies = runInHandOf(job).dieIds.flatMap((id) => things.dies.find((die) => die.id === id) ?? [])
  const { technique, shows } = runInHandOf(job)
  return (kind) => {
    const begun = startPlacement(kind, {
      dies,
      nameOf: (count) => t('place.run.newName', { count }),
      overlapMm: unit === 'in' ? INCH_OVERLAP_MM : USUAL_OVERLAP_MM,
    })
    const face = faceFor(shows)
    return techniqueOf(technique).eitherWay ? { ...begun, runs: begun.runs.map((run) => ({ ...run, face })) } : begun
  }
}
