import { borderKindOf, borderMarks } from '@bold-heron/core'
import {
  type BorderOfRun,
  inputOfJob,
  type JobRow,
  type PlaceRequest,
  runInHandOf,
  withRibbon,
} from '@bold-heron/schema'
import { Check, X } from 'lucide-react'
import { useMemo, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { jobPath } from '../../../data/job-address.js'
import { useSaveRow } from '../../../data/rows.js'
import { Button, ButtonLink } from '../../../ui/Button.js'
import { useSay } from '../../../ui/toasts.js'
import { useSayTrouble } from '../../../ui/use-say-trouble.js'
import { BorderSettings } from './BorderSettings.js'
import { BorderStrip } from './BorderStrip.js'
import { EdgesBeside } from './EdgesBeside.js'
import { StripsOfSheet } from './StripsOfSheet.js'
import { useRibbon } from './use-ribbon.js'

/** A border along a strip, or a ribbon of several runs: where each cut starts, and marks of true size to lie beside the strip. */
export const BorderBoard = ({
  job,
  things,
  onLeave,
}: {
  readonly job: JobRow
  readonly things: PlaceRequest
  /** Takes the border off the job, or leaves one that was not kept. */
  readonly onLeave: () => void
}) => {
  const { t } = useTranslation()
  const say = useSay()
  const sayTrouble = useSayTrouble()
  const saving = useSaveRow('jobs')
  const ribbon = useRibbon(job, things, job.runInHand)
  const { border, edges, die, faults, edgeFaults, isKept } = ribbon
  const lines = die?.outline.lines
  const kind = useMemo(() => (ribbon.isDrawn && lines ? borderKindOf(lines) : undefined), [ribbon.isDrawn, lines])
  const [shown, setShown] = useState(0)
  const part = ribbon.parts[shown] ?? ribbon.parts[0]
  const marks = part
    ? borderMarks(
        {
          lengthMm: border.stripLengthMm,
          widthMm: border.stripWidthMm,
          wantedEndMm: border.stripLengthMm - (part.is === 'edge2' ? border.marginStartMm : border.marginEndMm),
        },
        part.marked,
        border.feed === 'joined-end' ? 'start' : 'end',
        ribbon.parts.filter((each) => each !== part).map(({ marked }) => marked),
      )
    : []
  const save = (next: BorderOfRun | null) =>
    saving.mutate(
      {
        id: job.id,
        version: job.version,
        input: withRibbon(inputOfJob(job), ribbon.runs, next, next ? ribbon.keptEdges : undefined),
      },
      {
        onSuccess: () => {
          say(t(next ? 'place.border.kept' : 'place.border.removed', { name: job.name }))
          if (!next) onLeave()
        },
        onError: sayTrouble,
      },
    )
  const isAtFault = faults.length > 0 || edgeFaults.length > 0 || ribbon.isTooNarrow
  const wasKept = job.runs[ribbon.runs.middle]?.border
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[minmax(0,1fr)_22rem]">
      <div className="space-y-4">
        <BorderStrip
          name={job.name}
          kind={kind}
          parts={ribbon.parts}
          part={part}
          marks={marks}
          onShow={setShown}
          onChange={ribbon.set}
        />
        <StripsOfSheet
          sheetId={runInHandOf(job).sheetId}
          lengthMm={border.stripLengthMm}
          widthMm={border.stripWidthMm}
        />
      </div>
      <BorderSettings
        border={border}
        faults={faults.length > 0 ? faults : edgeFaults}
        found={ribbon.found}
        isWidthWorkedOut={edges !== undefined}
        beside={
          border.edges === 'one' && (
            <EdgesBeside
              edges={edges}
              things={things}
              middleId={die?.id}
              leastWidthMm={ribbon.leastWidthMm}
              isTooNarrow={ribbon.isTooNarrow}
              isInPhase={ribbon.isInPhase}
              onChange={ribbon.setEdges}
            />
          )
        }
        onChange={(change) => {
          ribbon.set(change)
          if (change.edges) setShown(0)
        }}
      >
        <div className="flex flex-wrap gap-2">
          <Button
            look="next"
            icon={<Check aria-hidden size={18} />}
            disabled={isAtFault || isKept || saving.isPending}
            onClick={() => save(border)}
          >
            {t(isKept ? 'place.border.isKept' : 'place.border.keep')}
          </Button>
          {isKept && (
            <ButtonLink look="plain" to={jobPath(job.id, 'plan')}>
              {t('place.border.plan')}
            </ButtonLink>
          )}
          <Button look="quiet" icon={<X aria-hidden size={18} />} onClick={() => (wasKept ? save(null) : onLeave())}>
            {t('place.border.drop')}
          </Button>
        </div>
      </BorderSettings>
    </div>
  )
}
