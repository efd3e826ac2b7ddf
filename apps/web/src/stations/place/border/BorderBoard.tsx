import {
  borderKindOf,
  borderMarks,
  crestOf,
  pitchOf,
  planRibbon,
  ribbonFaults,
  FROM_STRIP_EDGE_MM,
  USUAL_STRIP_MM,
} from '@bold-heron/core'
import {
  type BorderOfRun,
  inputOfJob,
  type JobRow,
  type PlaceRequest,
  runInHandOf,
  withRunInHand,
} from '@bold-heron/schema'
import { Check, X } from 'lucide-react'
import { useMemo, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { jobPath } from '../../../data/job-address.js'
import { useSaveRow } from '../../../data/rows.js'
import { useStretch } from '../../../data/stretch.js'
import { TemplateDownloads } from '../../../drawing/template/TemplateDownloads.js'
import { TemplateDrawing } from '../../../drawing/template/TemplateDrawing.js'
import { Button, ButtonLink } from '../../../ui/Button.js'
import { Choice } from '../../../ui/Choice.js'
import { Panel } from '../../../ui/Panel.js'
import { useSay } from '../../../ui/toasts.js'
import { useSayTrouble } from '../../../ui/use-say-trouble.js'
import { type BorderInHand, BorderSettings } from './BorderSettings.js'
import { BorderSum } from './BorderSum.js'

/** A border along a strip: where each cut starts, drawn with the kerfs they make, and marks of true size to lie beside the strip. */
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
  const run = runInHandOf(job)
  const die = things.dies.find(({ id }) => id === run.dieIds[0])
  const stretch = useStretch(run.sheetId).data
  const lines = useMemo(() => die?.outline.lines ?? [], [die])
  const isDrawn = die !== undefined && die.outline.source !== 'stand-in'
  const found = useMemo(() => (isDrawn ? pitchOf(lines) : undefined), [isDrawn, lines])
  const kind = useMemo(() => (isDrawn ? borderKindOf(lines) : undefined), [isDrawn, lines])
  const [typed, setTyped] = useState<BorderInHand>(
    () =>
      (run.border as BorderInHand | null) ?? {
        dieLengthMm: die?.lengthMm ?? 100,
        pitchMm: found ?? 10,
        stripLengthMm: USUAL_STRIP_MM.lengthMm,
        stripWidthMm: Math.max(USUAL_STRIP_MM.widthMm, Math.ceil(die?.widthMm ?? 0)),
        marginStartMm: 0,
        marginEndMm: 0,
        stretch: 0.004,
        feed: 'joined-end',
        edges: 'one',
        phase: 'matched',
        margins: 'hard',
      },
  )
  const border: BorderInHand = { ...typed, stretch: stretch?.value ?? typed.stretch }
  const set = (change: Partial<BorderInHand>) => setTyped((now) => ({ ...now, ...change }))
  const crestMm = crestOf(lines, border.pitchMm)
  const faults = ribbonFaults(border, crestMm)
  const edges = faults.length === 0 ? planRibbon(border, crestMm) : []
  const [shownEdge, setShownEdge] = useState<'1' | '2'>('1')
  const edge = edges[shownEdge === '2' ? 1 : 0] ?? edges[0]
  const marks = edge
    ? borderMarks(
        {
          lengthMm: border.stripLengthMm,
          widthMm: border.stripWidthMm,
          dieFromTopMm: border.edges === 'both' ? FROM_STRIP_EDGE_MM : undefined,
          wantedEndMm: border.stripLengthMm - (shownEdge === '2' ? border.marginStartMm : border.marginEndMm),
        },
        edge.cuts,
        lines,
        border.feed === 'joined-end' ? 'start' : 'end',
        edges[shownEdge === '2' ? 0 : 1]?.cuts,
      )
    : []
  const save = (next: BorderOfRun | null) =>
    saving.mutate(
      { id: job.id, version: job.version, input: withRunInHand(inputOfJob(job), { border: next }) },
      {
        onSuccess: () => {
          say(t(next ? 'place.border.kept' : 'place.border.removed', { name: job.name }))
          if (!next) onLeave()
        },
        onError: sayTrouble,
      },
    )
  const isKept = JSON.stringify(run.border) === JSON.stringify(border)
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[minmax(0,1fr)_22rem]">
      <div className="space-y-4">
        <Panel title={t('place.border.title', { name: job.name })}>
          {kind === 'lattice' && <p className="mb-2">{t('place.border.kind.lattice')}</p>}
          {(kind === 'closed' || kind === 'no-line-through') && (
            <p className="mb-2 rounded-md border border-danger bg-danger-wash p-2">
              <strong aria-hidden>▲ </strong>
              {t(`place.border.kind.${kind}`)}
            </p>
          )}
          {border.edges === 'both' && (
            <Choice
              label={t('place.border.edge')}
              value={shownEdge}
              options={(['1', '2'] as const).map((each) => ({ value: each, text: t(`place.border.edgeName.${each}`) }))}
              onChange={setShownEdge}
            />
          )}
          {edge ? (
            <>
              <section className="overflow-x-auto" aria-label={t('place.border.strip')} tabIndex={0}>
                <TemplateDrawing
                  lines={marks}
                  spoken={t('place.border.spoken', { count: edge.cuts.length })}
                  className="min-w-[36rem]"
                />
              </section>
              <BorderSum border={border} edge={edge} second={shownEdge === '2'} onChange={set} />
            </>
          ) : (
            <p>{t('place.border.mend')}</p>
          )}
        </Panel>
        {edge && (
          <Panel title={t('place.border.marks')}>
            <p className="mb-2">{t('place.border.marksText')}</p>
            <TemplateDownloads
              lines={marks}
              title={t('place.border.file', { name: job.name })}
              seen={t('place.border.seen')}
            />
          </Panel>
        )}
      </div>
      <BorderSettings
        border={border}
        faults={faults}
        found={found}
        onChange={(change) => {
          set(change)
          if (change.edges) setShownEdge('1')
        }}
      >
        <div className="flex flex-wrap gap-2">
          <Button
            look="next"
            icon={<Check aria-hidden size={18} />}
            disabled={faults.length > 0 || isKept || saving.isPending}
            onClick={() => save(border)}
          >
            {t(isKept ? 'place.border.isKept' : 'place.border.keep')}
          </Button>
          {isKept && (
            <ButtonLink look="plain" to={jobPath(job.id, 'plan')}>
              {t('place.border.plan')}
            </ButtonLink>
          )}
          <Button look="quiet" icon={<X aria-hidden size={18} />} onClick={() => (run.border ? save(null) : onLeave())}>
            {t('place.border.drop')}
          </Button>
        </div>
      </BorderSettings>
    </div>
  )
}
