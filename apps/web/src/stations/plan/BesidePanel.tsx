import { countersOf, factsOfPart, isCut, type PlanRequest } from '@bold-heron/core'
import { type JobRow, runInHandOf, type WaxedPaper } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'
import { LengthInput, NumberInput } from '../../ui/form/LengthInput.js'
import { Tick } from '../../ui/form/Tick.js'
import { Panel } from '../../ui/Panel.js'
import { useChangeJob } from './use-change-job.js'

const MOST_RUNS = 100
/** Runs that a piece of waxed paper serves, until somebody knows better. From memory. */
const USUAL_RUNS = 5

/** Waxed paper as it is laid: how thick, and for how many runs. */
const Waxed = ({
  waxed,
  request,
  onChange,
}: {
  readonly waxed: WaxedPaper
  readonly request: PlanRequest
  readonly onChange: (waxed: WaxedPaper) => void
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  return (
    <div className="grid grid-cols-2 gap-3">
      <LengthInput
        label={t('plan.beside.thickness')}
        mm={waxed.caliperMm ?? factsOfPart('waxed-paper', request.cut.sheet).caliperMm}
        leastMm={0.01}
        shown={lengths.thickness}
        onChange={(caliperMm) => onChange({ ...waxed, caliperMm })}
      />
      <NumberInput
        label={t('plan.beside.runsEach')}
        value={waxed.runsEach}
        step={1}
        least={1}
        most={MOST_RUNS}
        onChange={(runsEach) => onChange({ ...waxed, runsEach })}
      />
    </div>
  )
}

/** What goes with a cut beside its stack: waxed paper between card and die, and a tray for what falls out of the openings. */
export const BesidePanel = ({ job, request }: { readonly job: JobRow; readonly request: PlanRequest }) => {
  const { t } = useTranslation()
  const { changeRun } = useChangeJob(job)
  const run = runInHandOf(job)
  if (!isCut(run)) return null
  const counters = countersOf(request.cut.dies)
  // Another thickness between the plates wants another stack.
  const wax = (waxedPaper: WaxedPaper | null) => changeRun({ waxedPaper, layers: [] })
  return (
    <Panel className="py-3" title={t('plan.beside.title')}>
      <Tick
        checked={run.waxedPaper !== null}
        onChange={() => wax(run.waxedPaper ? null : { caliperMm: null, runsEach: USUAL_RUNS })}
      >
        {t('plan.beside.waxed')}
      </Tick>
      {run.waxedPaper && <Waxed waxed={run.waxedPaper} request={request} onChange={wax} />}
      {(counters > 0 || run.keepsCounters) && (
        <Tick checked={run.keepsCounters} onChange={() => changeRun({ keepsCounters: !run.keepsCounters })}>
          {t('plan.beside.counters', { count: counters })}
        </Tick>
      )}
    </Panel>
  )
}
