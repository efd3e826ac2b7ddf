import {
  leastWasteFirst,
  type Nest,
  type NestWanted,
  type PieceTurns,
  turnsOn,
  USUAL_EDGE_MM,
  USUAL_GAP_MM,
  yieldOf,
} from '@bold-heron/core'
import {
  type CutFrom,
  type DieRow,
  inputOfJob,
  type JobRow,
  type OffcutRow,
  type PressRun,
  runInHandOf,
  withRunInHand,
} from '@bold-heron/schema'
import { useQuery } from '@tanstack/react-query'
import { ArrowLeft } from 'lucide-react'
import type { ComponentProps } from 'react'
import { useTranslation } from 'react-i18next'
import { Link, useNavigate, useParams } from 'react-router'
import { jobPath } from '../../data/job-address.js'
import { editionOf } from '../../data/editions.js'
import { loopsOfSheet, usePieceShapes } from '../../data/nesting.js'
import { useEveryRow, useRow, useRowsById, useSaveRow } from '../../data/rows.js'
import { NestDrawing } from '../../drawing/nest/NestDrawing.js'
import { useLengths } from '../../text/lengths.js'
import { Button } from '../../ui/Button.js'
import { Mark, Notice } from '../../ui/Notice.js'
import { Empty, Loaded } from '../../ui/states.js'
import { useSayTrouble } from '../../ui/use-say-trouble.js'
import { layPieces } from '../../workers/nest.js'
import { CutToSize } from './CutToSize.js'

/** ms that laying is improved on each leftover, and on a whole sheet. */
const MS_EACH = 700
/** Pieces of a die that are laid at most: more than anybody presses from one sheet. */
const MOST_COPIES = 60

/** Something that a job's pieces may be cut from: a leftover, or a whole sheet. */
interface Source {
  readonly offcut: OffcutRow | undefined
  readonly name: string
  readonly loops: readonly (readonly number[])[]
}

interface Laid {
  readonly source: Source
  readonly isLeftover: boolean
  readonly nest: Nest
}

const useLaid = (job: JobRow, sources: readonly Source[] | undefined, dies: readonly DieRow[], turns: PieceTurns) => {
  const outlines = usePieceShapes(dies).data
  const each = yieldOf(dies, {}, 1).pieces
  const count = Math.min(MOST_COPIES, Math.max(1, Math.ceil((job.wanted - job.cut) / each)))
  return useQuery({
    queryKey: [
      'offcuts',
      'for',
      job.id,
      job.version,
      count,
      turns,
      sources?.map(({ offcut }) => [offcut?.id, offcut?.version]),
      editionOf(outlines),
    ],
    enabled: outlines !== undefined && sources !== undefined,
    queryFn: async ({ signal }) => {
      const laid: Laid[] = []
      for (const source of sources ?? []) {
        const [outer, ...holes] = source.loops
        if (signal.aborted || !outer) continue
        const wanted: NestWanted = {
          sheet: { outline: outer, holes },
          pieces: dies.map((die) => ({ outline: outlines?.get(die.id)?.outline ?? [], count, turns })),
          gapMm: USUAL_GAP_MM,
          edgeMm: USUAL_EDGE_MM,
          seed: 1,
        }
        const nest = await layPieces(wanted, MS_EACH, { signal })
        if (nest && nest.placed.length > 0) laid.push({ source, isLeftover: source.offcut !== undefined, nest })
      }
      return {
        laid: laid.sort(leastWasteFirst),
        shapes: dies.map((die) => outlines?.get(die.id) ?? { outline: [], lines: [] }),
      }
    },
  })
}

/** A leftover or a sheet with the pieces laid on it, to be taken. */
const LaidCard = ({
  job,
  laid: { source, nest },
  shapes,
  isTaking,
  onTake,
}: {
  readonly job: JobRow
  readonly laid: Laid
  readonly shapes: NonNullable<ComponentProps<typeof NestDrawing>['shapes']>
  readonly isTaking: boolean
  readonly onTake: () => void
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { offcut, name, loops } = source
  const others = offcut?.claims.filter(({ jobId }) => jobId !== job.id) ?? []
  return (
    <li className="flex flex-col gap-2 rounded-lg border border-line bg-leaf p-3">
      <h2 className="text-lg">{name}</h2>
      <NestDrawing
        loops={loops}
        shapes={shapes}
        placed={nest.placed}
        spoken={t('jobs.leftover.spoken', { count: nest.placed.length, name })}
        className="h-44 w-full"
      />
      <p>
        {t('jobs.leftover.takes', {
          count: nest.placed.length,
          share: Math.round(100 * nest.usedShare),
          size: offcut ? lengths.area(offcut.lengthMm, offcut.widthMm) : '',
        })}
      </p>
      {offcut?.caliperMm != null && (
        <p>{t('jobs.leftover.thick', { thickness: lengths.thickness(offcut.caliperMm) })}</p>
      )}
      {others.length > 0 && (
        <Notice is="warning">
          <Mark />
          {t('jobs.leftover.claimed', { jobs: others.map(({ jobName }) => jobName).join(', ') })}
        </Notice>
      )}
      <Button
        className="mt-auto self-start"
        aria-label={t('jobs.leftover.takeNamed', { name })}
        disabled={isTaking}
        onClick={onTake}
      >
        {t('jobs.leftover.take')}
      </Button>
    </li>
  )
}

const LeftoversOf = ({ job }: { readonly job: JobRow }) => {
  const { t } = useTranslation()
  const sayTrouble = useSayTrouble()
  const navigate = useNavigate()
  const saving = useSaveRow('jobs')
  const run = runInHandOf(job)
  const sheet = useRow('sheets', run.sheetId).data
  const offcuts = useEveryRow('offcuts', { sheetId: run.sheetId }).data
  const diesById = useRowsById('dies')
  const dies = run.dieIds.flatMap((id): DieRow[] => {
    const die = diesById.get(id)
    return die ? [die] : []
  })
  const turns = turnsOn(sheet)
  const sources: Source[] | undefined =
    sheet && offcuts
      ? [
          ...offcuts.map((offcut) => ({ offcut, name: offcut.name, loops: offcut.loops })),
          {
            offcut: undefined,
            name: t('jobs.leftover.wholeSheet', { sheet: sheet.name }),
            loops: loopsOfSheet(sheet),
          },
        ]
      : undefined
  const found = useLaid(job, dies.length > 0 ? sources : undefined, dies, turns)
  const change = (part: Partial<Pick<PressRun, 'cutFrom' | 'cutToSize'>>) =>
    saving.mutate(
      {
        id: job.id,
        version: job.version,
        input: withRunInHand(inputOfJob(job), { cutFrom: null, cutToSize: null, ...part }),
      },
      {
        onSuccess: () => void navigate(jobPath(job.id, 'plan')),
        onError: sayTrouble,
      },
    )
  const take = (cutFrom: CutFrom | null) => change({ cutFrom })
  return (
    <>
      <Link to={jobPath(job.id, 'plan')} className="mb-2 inline-flex min-h-11 items-center gap-1">
        <ArrowLeft aria-hidden size={18} />
        {job.name}
      </Link>
      <h1 className="mb-1 text-3xl">{t('jobs.leftover.title')}</h1>
      <p className="mb-4 text-ink-soft">{t(turns === 'half' ? 'jobs.leftover.grain' : 'jobs.leftover.text')}</p>
      {run.cutFrom && (
        <p className="mb-3">
          <Button onClick={() => take(null)}>{t('jobs.leftover.none')}</Button>
        </p>
      )}
      <Loaded query={found} what={t('jobs.leftover.looking')}>
        {({ laid, shapes }) =>
          laid.length === 0 ? (
            <Empty title={t('jobs.leftover.emptyTitle')}>{t('jobs.leftover.emptyText')}</Empty>
          ) : (
            <ul className="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
              {laid.map((each) => (
                <LaidCard
                  key={each.source.offcut?.id ?? 'sheet'}
                  job={job}
                  laid={each}
                  shapes={shapes}
                  isTaking={saving.isPending}
                  onTake={() =>
                    take({
                      offcutId: each.source.offcut?.id ?? null,
                      poses: each.nest.placed.map(({ piece, ...pose }) => ({ dieId: dies[piece]?.id ?? '', ...pose })),
                    })
                  }
                />
              ))}
            </ul>
          )
        }
      </Loaded>
      {sheet && dies.length > 0 && (
        <div className="mt-4">
          <CutToSize
            key={job.version}
            sheet={sheet}
            dies={dies}
            cutToSize={run.cutToSize}
            onTake={(cutToSize) => change({ cutToSize })}
          />
        </div>
      )}
    </>
  )
}

/** Which leftover a job is best cut from: those that take its pieces, least wasted first, and a whole sheet beside them. */
export const Component = () => {
  const { t } = useTranslation()
  const { jobId } = useParams()
  return (
    <Loaded query={useRow('jobs', jobId)} what={t('jobs.leftover.looking')}>
      {(job) => <LeftoversOf job={job} />}
    </Loaded>
  )
}
