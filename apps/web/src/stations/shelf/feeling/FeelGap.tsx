import {
  feltBase,
  feltBelief,
  type FeltGap,
  type FeltTry,
  gapOfClass,
  intervalOf,
  measured,
  momentsOf,
  nextFeltTry,
  offsetMmAt,
} from '@bold-heron/core'
import { type FeltGapOfPress, type PressRow, toPlate } from '@bold-heron/schema'
import { ArrowLeft, Undo2 } from 'lucide-react'
import { lazy, Suspense, useMemo, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link, useNavigate, useParams } from 'react-router'
import { useRow, useRows, useSaveRow } from '../../../data/rows.js'
import { type Lengths, useLengths } from '../../../text/lengths.js'
import { Button } from '../../../ui/Button.js'
import { LengthInput } from '../../../ui/form/LengthInput.js'
import { Panel } from '../../../ui/Panel.js'
import { Loaded, Loading } from '../../../ui/states.js'
import { useSay } from '../../../ui/toasts.js'
import { useSayTrouble } from '../../../ui/use-say-trouble.js'
import { ThroatDrawing } from './ThroatDrawing.js'

const GapChart = lazy(() => import('../learning/GapChart.js'))

/** Sheets of copy paper that are measured together, as one alone is too thin for a caliper. */
const MEASURED_TOGETHER = 10
/** mm. Copy paper of 80 g/m² that nobody has measured. Common practice, no source. */
const USUAL_PAPER_MM = 0.1
/** Gaps that a press keeps; the oldest goes. */
const MOST_KEPT = 10

/** What is believed of the gap, as the chart of a press's page shows it, and of its ends. */
const storyOf = (felt: FeltGap, classGapMm: number) => {
  const { offsets, tiltMm, middleMm } = feltBelief(felt, classGapMm)
  const prior = feltBelief({ ...felt, tries: [] }, classGapMm).offsets
  const { mean, spread } = momentsOf(offsets, offsetMmAt)
  const [low, high] = intervalOf(offsets, offsetMmAt, 0.9)
  return {
    gapsMm: Array.from(offsets, (_, row) => classGapMm + offsetMmAt(row)),
    prior: [...prior],
    now: [...offsets],
    gapMm: classGapMm + mean,
    spreadMm: spread,
    ninetyMm: [classGapMm + low, classGapMm + high] as const,
    tiltMm,
    middleMm,
  }
}

/** What is told of the ends: a difference that is surely there. mm */
const WORTH_TELLING_MM = 0.04

/** How sure the gap is by now, and how its ends differ. */
const Found = ({
  felt,
  classGapMm,
  lengths,
}: {
  readonly felt: FeltGap
  readonly classGapMm: number
  readonly lengths: Lengths
}) => {
  const { t } = useTranslation()
  const story = useMemo(() => storyOf(felt, classGapMm), [felt, classGapMm])
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

/** Feeling out the gap of a press without a die, try by try. */
const Feeling = ({ row, base }: { readonly row: PressRow; readonly base: FeltGap['plates'] }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const navigate = useNavigate()
  const say = useSay()
  const sayTrouble = useSayTrouble()
  const save = useSaveRow('presses')
  const [tenMm, setTenMm] = useState<number>()
  const [tries, setTries] = useState<readonly FeltTry[]>([])
  const classGapMm = gapOfClass(row.pressClass).valueMm
  const names = usePlateNames()
  const felt = useMemo((): FeltGap => ({ plates: base, ...paperOf(tenMm), tries }), [base, tenMm, tries])
  const next = useMemo(() => nextFeltTry(felt, classGapMm), [felt, classGapMm])
  const tell = (grips: boolean) => next && setTries([...tries, { ...next, grips }])
  const keep = async () => {
    const kept: FeltGapOfPress = { at: new Date().toISOString(), ...felt, plates: [...felt.plates], tries: [...tries] }
    try {
      await save.mutateAsync({
        id: row.id,
        version: row.version,
        input: { ...row, felt: [...row.felt, kept].slice(-MOST_KEPT) },
      })
      say(t('shelf.feel.kept', { name: row.name }))
      await navigate(`/shelf/presses/${row.id}`)
    } catch (error) {
      sayTrouble(error)
    }
  }
  return (
    <div className="grid items-start gap-4 lg:grid-cols-2">
      <Panel
        title={
          next
            ? t('shelf.feel.try', { number: tries.length + 1, place: t(`shelf.feel.place.${next.place}`) })
            : t('shelf.feel.done')
        }
      >
        {next ? (
          <>
            <p className="mb-2 text-xl">
              {t('shelf.feel.lay', { count: next.sheets, place: t(`shelf.feel.place.${next.place}`) })}
            </p>
            <ThroatDrawing felt={felt} place={next.place} sheets={next.sheets} />
            <p className="my-2 text-ink-soft">{t('shelf.feel.how')}</p>
            <div className="grid grid-cols-2 gap-3">
              <Button look="next" className="min-h-14" onClick={() => tell(false)}>
                {t('shelf.feel.slips')}
              </Button>
              <Button look="next" className="min-h-14" onClick={() => tell(true)}>
                {t('shelf.feel.grips')}
              </Button>
            </div>
          </>
        ) : (
          <>
            <p className="mb-3">{t('shelf.feel.doneText')}</p>
            <Button look="next" onClick={() => void keep()} disabled={save.isPending}>
              {t('shelf.feel.keep')}
            </Button>
          </>
        )}
        {tries.length > 0 && (
          <div className="mt-3 flex flex-wrap gap-2">
            <Button look="quiet" icon={<Undo2 aria-hidden size={18} />} onClick={() => setTries(tries.slice(0, -1))}>
              {t('shelf.feel.takeBack')}
            </Button>
            {next && (
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
            <p className="font-bold">{t('shelf.feel.base', { plates: base.map(({ id }) => names(id)).join(' + ') })}</p>
            {tries.length === 0 && (
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
        <Found felt={felt} classGapMm={classGapMm} lengths={lengths} />
      </div>
    </div>
  )
}

const usePlateNames = () => {
  const plates = useRows('plates')
  return (id: string): string => plates.data?.items.find((plate) => plate.id === id)?.name ?? ''
}

/** The plates to feel on, or that the shelf holds none that will do. */
const OnBase = ({ row }: { readonly row: PressRow }) => {
  const { t } = useTranslation()
  const plates = useRows('plates')
  const classGapMm = gapOfClass(row.pressClass).valueMm
  return (
    <Loaded query={plates} what={t('shelf.loading')}>
      {({ items }) => {
        const base = feltBase(items.map(toPlate), classGapMm).map(({ id, thickness }) => ({
          id,
          thicknessMm: thickness.valueMm,
          spreadMm: thickness.spreadMm,
        }))
        return base.length === 0 ? <p>{t('shelf.feel.noPlates')}</p> : <Feeling row={row} base={base} />
      }}
    </Loaded>
  )
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
          <OnBase row={row} />
        </>
      )}
    </Loaded>
  )
}
