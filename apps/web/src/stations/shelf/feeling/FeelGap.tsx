import {
  liesAt,
  beforeFeeling,
  feltAfter,
  type FeltGap,
  feltStory,
  isKnownByClassOnly,
  isWorthTelling,
  MEASURED_TOGETHER,
  nextFeeling,
  type NextFeeling,
  paperFelt,
  type Plate,
  platesHeightMm,
  type Spectrum,
  spectrumOfStory,
  USUAL_PAPER_MM,
} from '@bold-heron/core'
import { type PressRow, toPlates, toPress } from '@bold-heron/schema'
import { ArrowLeft, Undo2 } from 'lucide-react'
import { lazy, Suspense, useMemo, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link, useNavigate, useParams } from 'react-router'
import { useKeepFelt } from '../../../data/felt.js'
import { useGapStory, usePressLearning } from '../../../data/learning.js'
import { useRow, useRows } from '../../../data/rows.js'
import { ThroatDrawing } from '../../../drawing/throat/ThroatDrawing.js'
import { useLengths } from '../../../text/lengths.js'
import { Button } from '../../../ui/Button.js'
import { LengthInput } from '../../../ui/form/LengthInput.js'
import { Panel } from '../../../ui/Panel.js'
import { Loaded, Loading } from '../../../ui/states.js'
import { useSay } from '../../../ui/toasts.js'
import { useSayTrouble } from '../../../ui/use-say-trouble.js'
import { usePlates } from '../known-good/use-plates.js'

const GapChart = lazy(() => import('../learning/GapChart.js'))

/** How sure the gap is by now, and how its ends differ. */
const Found = ({ felt, before }: { readonly felt: FeltGap; readonly before: Spectrum }) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const story = useMemo(() => feltStory(felt, before), [felt, before])
  const { tiltMm, middleMm } = story
  return (
    <Panel title={t('shelf.feel.known')}>
      <p aria-live="polite">
        <strong>
          {t('shelf.learning.gap', {
            gap: lengths.thickness(story.gapMm),
            spread: lengths.thickness(story.spreadMm),
          })}
        </strong>
      </p>
      <div className="h-44">
        <Suspense fallback={<Loading what={t('shelf.learning.loading')} />}>
          <GapChart story={story} />
        </Suspense>
      </div>
      {isWorthTelling(tiltMm) && (
        <p className="mt-2">
          {t(tiltMm.mean > 0 ? 'shelf.feel.rightWider' : 'shelf.feel.leftWider', {
            by: lengths.thickness(Math.abs(tiltMm.mean)),
          })}
        </p>
      )}
      {isWorthTelling(middleMm) && (
        <p className="mt-2">
          {t(middleMm.mean > 0 ? 'shelf.feel.middleWider' : 'shelf.feel.middleTighter', {
            by: lengths.thickness(Math.abs(middleMm.mean)),
          })}
        </p>
      )}
    </Panel>
  )
}

const NOTHING_FELT = { leads: [], plates: [], tries: [] } as const

/** What to do next, and what it looks like. */
const NextOne = ({
  felt,
  next,
  names,
  onTold,
}: {
  readonly felt: FeltGap
  readonly next: Extract<NextFeeling, { is: 'lead' | 'try' }>
  readonly names: (id: string) => string
  readonly onTold: (grips: boolean) => void
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const sheets = next.is === 'try' ? next.sheets : 0
  const plates = next.plates.map(({ id }) => names(id)).join(' + ')
  const height = lengths.thickness(platesHeightMm(next.plates))
  return (
    <>
      <p className="mb-2 text-xl">
        {next.is === 'try'
          ? t('shelf.feel.lay', { count: sheets, place: t(`shelf.feel.place.${next.place}`) })
          : t('shelf.feel.layBare', { plates, height })}
      </p>
      <ThroatDrawing
        felt={{ plates: next.plates, sheetMm: felt.sheetMm }}
        place={next.is === 'try' ? next.place : undefined}
        sheets={sheets}
      />
      <p className="my-2 text-ink-soft">
        {next.is === 'lead' && `${t('shelf.feel.whyBare')} `}
        {t('shelf.feel.how')}
      </p>
      <div className="grid grid-cols-2 gap-3">
        <Button look="next" className="min-h-14" onClick={() => onTold(false)}>
          {t('shelf.feel.slips')}
        </Button>
        <Button look="next" className="min-h-14" onClick={() => onTold(true)}>
          {t('shelf.feel.grips')}
        </Button>
      </div>
    </>
  )
}

/** Feeling out the gap of a press without a die, try by try. */
const Feeling = ({
  row,
  shelf,
  before,
}: {
  readonly row: PressRow
  readonly shelf: readonly Plate[]
  readonly before: Spectrum
}) => {
  const { t } = useTranslation()
  const navigate = useNavigate()
  const say = useSay()
  const sayTrouble = useSayTrouble()
  const keeping = useKeepFelt()
  const [tenMm, setTenMm] = useState<number>()
  /** Every state so far, so that the last answer can be taken back. */
  const [told, setTold] = useState<readonly Pick<FeltGap, 'leads' | 'plates' | 'tries'>[]>([NOTHING_FELT])
  const names = usePlateNames()
  const felt = useMemo((): FeltGap => ({ ...(told.at(-1) ?? NOTHING_FELT), ...paperFelt(tenMm) }), [told, tenMm])
  const next = useMemo(() => nextFeeling(felt, before, shelf), [felt, before, shelf])
  const isOn = next.is === 'lead' || next.is === 'try'
  const tell = (grips: boolean) => {
    if (isOn) setTold([...told, feltAfter(felt, next, grips)])
  }
  const keep = async () => {
    try {
      await keeping.keep(row, felt)
      say(t('shelf.feel.kept', { name: row.name }))
      await navigate(`/shelf/presses/${row.id}`)
    } catch (error) {
      sayTrouble(error)
    }
  }
  const title = () => {
    if (next.is === 'try')
      return t('shelf.feel.try', { number: felt.tries.length + 1, place: t(`shelf.feel.place.${next.place}`) })
    return next.is === 'lead' ? t('shelf.feel.lead', { number: felt.leads.length + 1 }) : t('shelf.feel.done')
  }
  if (next.is === 'no-plates') return <p>{t('shelf.feel.noPlates')}</p>
  return (
    <div className="grid items-start gap-4 lg:grid-cols-2">
      <Panel title={title()}>
        {isOn ? (
          <NextOne felt={felt} next={next} names={names} onTold={tell} />
        ) : (
          <>
            <p className="mb-3">{t(felt.tries.length > 0 ? 'shelf.feel.doneText' : 'shelf.feel.doneBare')}</p>
            <Button look="next" onClick={() => void keep()} disabled={keeping.isPending}>
              {t('shelf.feel.keep')}
            </Button>
          </>
        )}
        {told.length > 1 && (
          <div className="mt-3 flex flex-wrap gap-2">
            <Button look="quiet" icon={<Undo2 aria-hidden size={18} />} onClick={() => setTold(told.slice(0, -1))}>
              {t('shelf.feel.takeBack')}
            </Button>
            {isOn && (
              <Button look="quiet" onClick={() => void keep()}>
                {t('shelf.feel.enough')}
              </Button>
            )}
          </div>
        )}
      </Panel>
      <div className="space-y-4">
        <Panel title={t('shelf.feel.before')}>
          <div className="space-y-2">
            <p>{t('shelf.feel.text')}</p>
            {next.is === 'try' && (
              <p className="font-bold">
                {t('shelf.feel.base', { plates: next.plates.map(({ id }) => names(id)).join(' + ') })}
              </p>
            )}
            {felt.tries.length === 0 && (
              <>
                <LengthInput
                  label={t('shelf.feel.paper')}
                  mm={tenMm ?? MEASURED_TOGETHER * USUAL_PAPER_MM}
                  leastMm={0.3}
                  onChange={setTenMm}
                />
                <p className="text-sm text-ink-soft">{t('shelf.feel.paperHint')}</p>
              </>
            )}
          </div>
        </Panel>
        <Found felt={felt} before={before} />
      </div>
    </div>
  )
}

const usePlateNames = () => {
  const plates = useRows('plates')
  return (id: string): string => plates.data?.items.find((plate) => plate.id === id)?.name ?? ''
}

/** What is believed of the press and what lies on the shelf; nothing is begun before both are there. */
const FromBelief = ({ row }: { readonly row: PressRow }) => {
  const { t } = useTranslation()
  const plates = useRows('plates')
  const { byId } = usePlates()
  const learning = usePressLearning(row.id)
  const press = useMemo(() => toPress(row, byId), [row, byId])
  const byClassOnly = learning.data !== undefined && isKnownByClassOnly(press, learning.data)
  const story = useGapStory(byClassOnly ? undefined : press, learning.data).data
  const shelf = useMemo(
    () => plates.data?.items.flatMap(toPlates).filter((plate) => liesAt(plate, row.id)),
    [plates.data, row.id],
  )
  const before = useMemo(() => {
    if (byClassOnly) return beforeFeeling(press.pressClass)
    return story && beforeFeeling(press.pressClass, spectrumOfStory(story))
  }, [byClassOnly, press, story])
  if (!shelf || !before) return <Loading what={t('shelf.learning.loading')} />
  return <Feeling row={row} shelf={shelf} before={before} />
}

/** A guided measurement for a press whose gap nobody knows. */
export const Component = () => {
  const { t } = useTranslation()
  const { rowId } = useParams()
  const query = useRow('presses', rowId)
  return (
    <Loaded query={query} what={t('shelf.loading')}>
      {(row) => (
        <>
          <Link to={`/shelf/presses/${row.id}`} className="mb-2 inline-flex min-h-11 items-center gap-1">
            <ArrowLeft aria-hidden size={18} />
            {row.name}
          </Link>
          <h2 className="mb-3 text-2xl">{t('shelf.feel.title', { name: row.name })}</h2>
          <FromBelief row={row} />
        </>
      )}
    </Loaded>
  )
}
