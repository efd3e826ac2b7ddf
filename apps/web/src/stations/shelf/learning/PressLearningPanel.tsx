import { type PressRow, type RunAsEvidence, toPress } from '@bold-heron/schema'
import { lazy, Suspense, useMemo, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { useGapStory, usePressLearning, useSetAside } from '../../../data/learning.js'
import { sayDay } from '../../../text/dates.js'
import { useLengths } from '../../../text/lengths.js'
import { Button } from '../../../ui/Button.js'
import { Confirm } from '../../../ui/Confirm.js'
import { Panel } from '../../../ui/Panel.js'
import { SeenBadge } from '../../../ui/SeenBadge.js'
import { Loaded, Loading } from '../../../ui/states.js'
import { FeltLines } from '../feeling/FeltLines.js'
import { usePlates } from '../known-good/use-plates.js'

const GapChart = lazy(() => import('./GapChart.js'))

/** Runs listed before anyone asks for all. */
const FIRST_RUNS = 5

/** One run, and what it says of the gap by itself. */
const EvidenceLine = ({
  run,
  onSetAside,
}: {
  readonly run: RunAsEvidence
  readonly onSetAside: (setAside: boolean) => void
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-line py-2">
      <span className="min-w-0 flex-1 basis-52">
        <Link to={`/log/${run.id}`} className="font-bold">
          {run.jobName}{' '}
          {run.technique !== 'cut' && <span className="text-ink-soft">· {t(`words.technique.${run.technique}`)}</span>}
        </Link>
        <span className="block text-sm text-ink-soft">
          {sayDay(run.at)} ·{' '}
          {run.setAside
            ? t('shelf.learning.asideNote')
            : run.says
              ? t('shelf.learning.says', {
                  gap: lengths.thickness(run.says.gapMm),
                  spread: lengths.thickness(run.says.spreadMm),
                })
              : t(run.leftOut ? 'shelf.learning.leftOut' : 'shelf.learning.saysNothing')}
        </span>
      </span>
      <SeenBadge seen={run.seen} />
      <Button look="quiet" className="min-h-9! px-2!" onClick={() => onSetAside(!run.setAside)}>
        {t(run.setAside ? 'shelf.learning.takeBack' : 'shelf.learning.setAside')}
      </Button>
    </li>
  )
}

/** What a press has taught: its gap before and after, the runs behind that, and what one more would be worth. */
export const PressLearningPanel = ({ row }: { readonly row: PressRow }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { byId } = usePlates()
  const learning = usePressLearning(row.id)
  const setAside = useSetAside(row.id)
  const [all, setAll] = useState(false)
  const [forgetting, setForgetting] = useState(false)
  const press = useMemo(() => toPress(row, byId), [row, byId])
  const story = useGapStory(press, learning.data)
  return (
    <Panel title={t('shelf.learning.title')}>
      <Loaded query={learning} what={t('shelf.learning.loading')}>
        {({ runs, pressRuns, pending }) => (
          <div className="space-y-3">
            {story.data ? (
              <>
                <p>
                  <strong>
                    {t('shelf.learning.gap', {
                      gap: lengths.thickness(story.data.gapMm),
                      spread: lengths.thickness(story.data.spreadMm),
                    })}
                  </strong>{' '}
                  {t('shelf.learning.from', {
                    runs: t('shelf.learning.runs', { count: pressRuns }),
                    known: t('shelf.learning.known', { count: row.knownGood.length }),
                    felt: t('shelf.learning.felt', { count: row.felt.length }),
                    typed: row.gap ? t('shelf.learning.typed') : '',
                  })}
                </p>
                <div className="h-44">
                  <Suspense fallback={<Loading what={t('shelf.learning.loading')} />}>
                    <GapChart story={story.data} />
                  </Suspense>
                </div>
                <p className="text-sm">
                  {t('shelf.learning.another', { spread: lengths.thickness(story.data.spreadAfterAnotherMm) })}
                </p>
              </>
            ) : (
              <Loading what={t('shelf.learning.loading')} />
            )}
            <FeltLines row={row} />
            {pending > 0 && (
              <p role="status" className="text-sm text-ink-soft">
                {t('shelf.learning.pending', { count: pending })}
              </p>
            )}
            {runs.length === 0 ? (
              <p className="text-ink-soft">{t('shelf.learning.none')}</p>
            ) : (
              <>
                <ul>
                  {(all ? runs : runs.slice(0, FIRST_RUNS)).map((run) => (
                    <EvidenceLine
                      key={run.id}
                      run={run}
                      onSetAside={(value) => setAside.mutate({ runId: run.id, setAside: value })}
                    />
                  ))}
                </ul>
                <div className="flex flex-wrap justify-between gap-2">
                  {runs.length > FIRST_RUNS && (
                    <Button look="quiet" onClick={() => setAll(!all)}>
                      {all ? t('shelf.learning.fewer') : t('shelf.learning.all', { count: runs.length })}
                    </Button>
                  )}
                  <Button look="danger" onClick={() => setForgetting(true)}>
                    {t('shelf.learning.forget')}
                  </Button>
                </div>
              </>
            )}
          </div>
        )}
      </Loaded>
      <Confirm
        open={forgetting}
        danger
        title={t('shelf.learning.forgetTitle')}
        yes={t('shelf.learning.forget')}
        no={t('common.cancel')}
        onYes={() => {
          setForgetting(false)
          setAside.mutate('all')
        }}
        onNo={() => setForgetting(false)}
      >
        {t('shelf.learning.forgetText')}
      </Confirm>
    </Panel>
  )
}
