import { cameOutAsWanted, endedGood, NOT_LOOKED, techniqueOf } from '@bold-heron/core'
import type { RunRow } from '@bold-heron/schema'
import { ArrowLeft, BookMarked } from 'lucide-react'
import { lazy, Suspense, useState } from 'react'
import { jobPath } from '../../data/job-address.js'
import { PhotosPanel } from '../../drawing/photos/PhotosPanel.js'
import type { TFunction } from 'i18next'
import { useTranslation } from 'react-i18next'
import { Link, useParams } from 'react-router'
import { useRow, useRowsById } from '../../data/rows.js'
import { SeenPicture } from '../../drawing/SeenPicture.js'
import { sayTime } from '../../text/dates.js'
import { useLengths } from '../../text/lengths.js'
import { countersOf } from '../../pressing/counters-of.js'
import { KeepBesideBlanks, KeepBesideStrip } from '../../pressing/KeepRectangles.js'
import { KeepLeftOver } from '../../pressing/KeepLeftOver.js'
import { sayToSize } from '../../pressing/say-to-size.js'
import { Button, ButtonLink } from '../../ui/Button.js'
import { Panel } from '../../ui/Panel.js'
import { RemoveButton } from '../../ui/record/RemoveButton.js'
import { Loaded, Loading } from '../../ui/states.js'
import { RunNote } from './RunNote.js'
import { KeepRecipe } from './recipes/KeepRecipe.js'
import { sayPressed } from '../../text/say-pressed.js'

const RunDiagnosis = lazy(() => import('./RunDiagnosis.js'))

/** What did not come out as wanted, and was not laid out on a card of its own, can be asked about. */
const isAskable = ({ rounds, placement }: RunRow): boolean => {
  const last = rounds.at(-1)
  return placement === null && last !== undefined && last.seen !== NOT_LOOKED && !cameOutAsWanted(last)
}

/** What is left of the sheet that a border's strip was cut from. */
const BesideStrip = ({ run }: { readonly run: RunRow }) => {
  const pressRuns = useRow('jobs', run.jobId).data?.runs ?? []
  const border = pressRuns.find(({ id }) => id === run.pressRunId)?.border
  return border ? <KeepBesideStrip runId={run.id} sheetId={run.sheetId} border={border} /> : null
}

/** What was told of what hung: how much of the line, of which dies, where; empty where nothing was. */
const hungOf = (
  t: TFunction<'app'>,
  run: RunRow,
  { hangingShare, hangingPlace, hangingDieIds }: RunRow['rounds'][number],
) =>
  [
    hangingShare !== null && t('log.hungShare', { share: Math.round(hangingShare * 100) }),
    hangingDieIds &&
      t('log.hungDies', {
        dies: run.dieIds.flatMap((id, die) => (hangingDieIds.includes(id) ? [run.dieNames[die]] : [])).join(', '),
      }),
    hangingPlace && t(`words.hangingPlace.${hangingPlace}`),
  ]
    .filter((part) => typeof part === 'string')
    .join(', ')

/** What was seen and felt, round by round. */
const Rounds = ({ run }: { readonly run: RunRow }) => {
  const { t } = useTranslation()
  return (
    <ol className="space-y-3">
      {run.rounds.map((round, at) => (
        <li key={at} className="flex items-center gap-4">
          <SeenPicture seen={round.seen} place={round.hangingPlace ?? 'ends'} />
          <div>
            <p className="font-bold">{t('log.round', { count: round.passes })}</p>
            <p>{t('log.roundSeen', { seen: t(`words.seen.${round.seen}`), feel: t(`words.feel.${round.feel}`) })}</p>
            <p className="text-ink-soft">{hungOf(t, run, round)}</p>
          </div>
        </li>
      ))}
    </ol>
  )
}

/** What lay in the press, from the top, and the sum of it. */
const Layers = ({ run }: { readonly run: RunRow }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const heightMm = run.layers.reduce((sum, { thicknessMm }) => sum + thicknessMm, 0)
  return (
    <table className="w-full">
      <caption className="sr-only">{t('log.layers')}</caption>
      <tbody>
        {[...run.layers].reverse().map((layer, at) => (
          <tr key={at} className="border-b border-line">
            <td className="py-1">{layer.name}</td>
            <td className="text-right">{lengths.thickness(layer.thicknessMm)}</td>
          </tr>
        ))}
        <tr>
          <td className="py-1">{t('log.gapThen')}</td>
          <td className="text-right">− {lengths.thickness(heightMm - run.squeezeMm)}</td>
        </tr>
        <tr className="font-bold">
          <td className="pt-1">{t('plan.ledger.squeeze')}</td>
          <td className="text-right">{lengths.thickness(run.squeezeMm)}</td>
        </tr>
      </tbody>
    </table>
  )
}

/** What is left of the sheet, to be kept. */
const WhatIsLeft = ({ run }: { readonly run: RunRow }) => (
  <>
    <BesideStrip run={run} />
    {run.cutToSize && (
      <KeepBesideBlanks
        runId={run.id}
        jobId={run.jobId}
        sheetId={run.sheetId}
        sheetCount={run.sheetCount}
        cutToSize={run.cutToSize}
      />
    )}
    {run.cutFrom && <KeepLeftOver runId={run.id} sheetId={run.sheetId} cutFrom={run.cutFrom} />}
  </>
)

/** Asks what came between, where it did not come out as wanted. */
const AskWhy = ({ run }: { readonly run: RunRow }) => {
  const { t } = useTranslation()
  const [asksWhy, setAsksWhy] = useState(false)
  return (
    <div className="mt-4">
      <Button aria-expanded={asksWhy} onClick={() => setAsksWhy(!asksWhy)}>
        {t('log.wrong.ask')}
      </Button>
      {asksWhy && (
        <Panel className="mt-2 text-lg">
          <Suspense fallback={<Loading what={t('log.loading')} />}>
            <RunDiagnosis run={run} />
          </Suspense>
        </Panel>
      )}
    </div>
  )
}

const RunDetail = ({ run }: { readonly run: RunRow }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const dies = useRowsById('dies')
  const [keeping, setKeeping] = useState(false)
  return (
    <>
      <h1 className="text-3xl">{t('log.runTitle', { date: sayTime(run.at) })}</h1>
      <p className="mb-4 text-ink-soft">
        {run.jobName} · {sayPressed(t, run)} · {t(`words.bladeSide.${run.bladeSide}`)}
        {techniqueOf(run.technique).eitherWay && <> · {t(`words.shows.${run.shows}`)}</>}
        {run.byWhom !== '' && <> · {t('log.byWhom', { by: run.byWhom })}</>}
      </p>
      <div className="grid grid-cols-1 items-start gap-4 md:grid-cols-2">
        <Panel title={t('log.rounds')}>
          <Rounds run={run} />
          <p className="mt-3 font-bold">{t('log.goodPieces', { count: run.pieces })}</p>
          {run.cutToSize && <p>{sayToSize(t, lengths, run.cutToSize)}</p>}
          {run.waxedPaper && <p>{t('log.waxed')}</p>}
          {run.keepsCounters && run.pieces > 0 && <p>{t('log.counters', { count: countersOf(run, dies) })}</p>}
          <div className="mt-3">
            <RunNote key={run.version} run={run} />
          </div>
        </Panel>
        <div className="flex flex-col gap-4">
          <Panel title={t('log.layers')}>
            <Layers run={run} />
          </Panel>
          <WhatIsLeft run={run} />
          <PhotosPanel of={{ kind: 'runs', id: run.id }} />
        </div>
      </div>
      {isAskable(run) && <AskWhy run={run} />}
      <div className="mt-4 flex flex-wrap gap-2">
        <ButtonLink look="next" to={jobPath(run.jobId)}>
          {t('log.planAgain')}
        </ButtonLink>
        {endedGood(run.rounds) && (
          <Button icon={<BookMarked aria-hidden size={18} />} onClick={() => setKeeping(true)}>
            {t('recipes.keep')}
          </Button>
        )}
        <RemoveButton kind="runs" id={run.id} said={t('log.deleted')} to="/log" />
      </div>
      {keeping && <KeepRecipe run={run} onClose={() => setKeeping(false)} />}
    </>
  )
}

export const Component = () => {
  const { t } = useTranslation()
  const { runId } = useParams()
  const run = useRow('runs', runId)
  return (
    <>
      <Link to="/log" className="mb-2 inline-flex min-h-11 items-center gap-1">
        <ArrowLeft aria-hidden size={18} />
        {t('log.back')}
      </Link>
      <Loaded query={run} what={t('log.loading')}>
        {(row) => <RunDetail run={row} />}
      </Loaded>
    </>
  )
}
