import {
  beforeFeeling,
  feltAfter,
  feltBelief,
  type FeltGap,
  type GapStory,
  intervalOf,
  isKnownByClassOnly,
  measured,
  nextFeeling,
  type NextFeeling,
  type Plate,
  platesHeightMm,
  quantileOf,
  shownPlaces,
  type Spectrum,
  spreadOfGap,
} from '@bold-heron/core'
import { type PressRow, toPlate, toPress } from '@bold-heron/schema'
import { ArrowLeft, Undo2 } from 'lucide-react'
import { lazy, Suspense, useMemo, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link, useNavigate, useParams } from 'react-router'
import { useKeepFelt } from '../../../data/felt.js'
import { useGapStory, usePressLearning } from '../../../data/learning.js'
import { useRow, useRows } from '../../../data/rows.js'
import { ThroatDrawing } from '../../../drawing/throat/ThroatDrawing.js'
import { type Lengths, useLengths } from '../../../text/lengths.js'
import { Button } from '../../../ui/Button.js'
import { LengthInput } from '../../../ui/form/LengthInput.js'
import { Panel } from '../../../ui/Panel.js'
import { Loaded, Loading } from '../../../ui/states.js'
import { useSay } from '../../../ui/toasts.js'
import { useSayTrouble } from '../../../ui/use-say-trouble.js'
import { usePlates } from '../known-good/use-plates.js'

const GapChart = lazy(() => import('../learning/GapChart.js'))

/** Sheets of copy paper that are measured together, as one alone is too thin for a caliper. */
const MEASURED_TOGETHER = 10
/** mm. Copy paper of 80 g/m² that nobody has measured. Common practice, no source. */
const USUAL_PAPER_MM = 0.1

/** Shares below this of the greatest are not drawn. */
const SHOWN = 0.005

/** What is believed of the gap, as the chart of a press's page shows it, and of its ends. */
const storyOf = (felt: FeltGap, before: Spectrum) => {
  const { gap, tiltMm, middleMm } = feltBelief(felt, before)
  const [from, to] = shownPlaces([[gap.chances, SHOWN]])
  const shown = Array.from({ length: to - from + 1 }, (_, step) => from + step)
  return {
    gapsMm: shown.map((at) => gap.firstMm + at * gap.stepMm),
    prior: shown.map((at) => before.chances[at] as number),
    now: shown.map((at) => gap.chances[at] as number),
    gapMm: quantileOf(gap, 0.5),
    spreadMm: spreadOfGap(gap),
    ninetyMm: intervalOf(gap, 0.9),
    tiltMm,
    middleMm,
  }
}

/** What is told of the ends: a difference that is surely there. mm */
const WORTH_TELLING_MM = 0.04

/** How sure the gap is by now, and how its ends differ. */
const Found = ({
  felt,
  before,
  lengths,
}: {
  readonly felt: FeltGap
  readonly before: Spectrum
  readonly lengths: Lengths
}) => {
  const { t } = useTranslation()
  const story = useMemo(() => storyOf(felt, before), [felt, before])
  const { tiltMm, middleMm } = story
  const tells = ({ mean, spread }: typeof tiltMm) => Math.abs(mean) > Math.max(WORTH_TELLING_MM, spread)
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
          <GapChart story={story} lengths={lengths} />
        </Suspense>
      </div>
      {tells(tiltMm) && (
        <p className="mt-2">
          {t(tiltMm.mean > 0 ? 'shelf.feel.rightWider' : 'shelf.feel.leftWider', {
            by: lengths.thickness(Math.abs(tiltMm.mean)),
          })}
        </p>
      )}
      {tells(middleMm) && (
        <p className="mt-2">
          {t(middleMm.mean > 0 ? 'shelf.feel.middleWider' : 'shelf.feel.middleTighter', {
            by: lengths.thickness(Math.abs(middleMm.mean)),
          })}
        </p>
      )}
    </Panel>
  )
}

/** The paper of the tries: as measured, ten sheets together, or as such paper is. */
const paperOf = (tenMm: number | undefined): Pick<FeltGap, 'sheetMm' | 'sheetSpreadMm'> =>
  tenMm === undefined
    ? { sheetMm: USUAL_PAPER_MM, sheetSpreadMm: measured(USUAL_PAPER_MM, 'table').spreadMm / 4 }
    : {
        sheetMm: tenMm / MEASURED_TOGETHER,
        sheetSpreadMm: measured(tenMm, 'caliper').spreadMm / MEASURED_TOGETHER,
      }

/** A story's rows as what is believed. */
const spectrumOfStory = ({ gapsMm, now }: GapStory): Spectrum => ({
  firstMm: gapsMm[0] ?? 0,
  stepMm: (gapsMm[1] ?? 1) - (gapsMm[0] ?? 0),
  chances: Float64Array.from(now),
})

const NOTHING_FELT = { leads: [], plates: [], tries: [] } as const

/** What to do next, and what it looks like. */
const NextOne = ({
  felt,
  next,
  names,
  lengths,
  onTold,
}: {
  readonly felt: FeltGap
  readonly next: Extract<NextFeeling, { is: 'lead' | 'try' }>
  readonly names: (id: string) => string
  readonly lengths: Lengths
  readonly onTold: (grips: boolean) => void
}) => {
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
  const lengths = useLengths()
  const navigate = useNavigate()
  const say = useSay()
  const sayTrouble = useSayTrouble()
  const keeping = useKeepFelt()
  const [tenMm, setTenMm] = useState<number>()
  /** Every state so far, so that the last answer can be taken back. */
  const [told, setTold] = useState<readonly Pick<FeltGap, 'leads' | 'plates' | 'tries'>[]>([NOTHING_FELT])
  const names = usePlateNames()
  const felt = useMemo((): FeltGap => ({ ...(told.at(-1) ?? NOTHING_FELT), ...paperOf(tenMm) }), [told, tenMm])
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
          <NextOne felt={felt} next={next} names={names} lengths={lengths} onTold={tell} />
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
                  lengths={lengths}
                  leastMm={0.3}
                  onChange={setTenMm}
                />
                <p className="text-sm text-ink-soft">{t('shelf.feel.paperHint')}</p>
              </>
            )}
          </div>
        </Panel>
        <Found felt={felt} before={before} lengths={lengths} />
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
  const shelf = useMemo(() => plates.data?.items.map(toPlate), [plates.data])
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
