import { type Assessment, bestFace, type PlanRequest, type Stack, type StackDifference } from '@bold-heron/core'
import { type JobRow, placementOf, runInHandOf } from '@bold-heron/schema'
import { TriangleAlert } from 'lucide-react'
import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { RunSteps } from '../../pressing/placed/RunSteps.js'
import { sayLie } from '../../pressing/say-lie.js'
import { layerName } from '../../pressing/stack/layer-name.js'
import type { Lengths } from '../../text/lengths.js'
import { sayCut } from '../../text/say-cut.js'
import { sayPieces } from '../../text/say-difference.js'
import type { BenchStep } from './bench-steps.js'

export const BenchTitle = ({ children }: { readonly children: ReactNode }) => (
  <h2 className="text-4xl" tabIndex={-1}>
    {children}
  </h2>
)

export const Care = ({ children }: { readonly children: ReactNode }) => (
  <p className="flex items-start gap-3 rounded-md border-2 border-warn/50 bg-warn-wash px-4 py-3 text-warn">
    <TriangleAlert aria-hidden className="mt-1 shrink-0" size={24} />
    <span>{children}</span>
  </p>
)

/** Everything that has to be on the table, once each. */
const CheckList = ({ stack }: { readonly stack: Stack }) => {
  const { t } = useTranslation()
  const lines = new Map<string, { text: string; face: string | undefined; count: number }>()
  stack.forEach((layer) => {
    if (layer.is === 'sheets')
      lines.set('sheets', {
        text: t('bench.check.sheets', { count: layer.count, name: layer.sheet.name }),
        face: undefined,
        count: 1,
      })
    else if (layer.is === 'dies')
      lines.set('dies', { text: layer.dies.map((die) => die.name).join(', '), face: undefined, count: 1 })
    else {
      const { id, name } = layer.plate
      const isBed = layer.role === 'bed'
      const face =
        sayLie(t, layer) ??
        (isBed
          ? t(bestFace(layer.plate) === 'fresh' ? 'bench.check.face' : 'bench.check.faceLined')
          : lines.get(id)?.face)
      lines.set(id, { text: name, face, count: (lines.get(id)?.count ?? 0) + 1 })
    }
  })
  return (
    <ul className="space-y-1">
      {[...lines].map(([id, { text, face, count }]) => (
        <li key={id} className="border-b border-line py-1.5">
          <strong>{count > 1 ? `${count} × ${text}` : text}</strong>
          {face && <span className="text-ink-soft"> · {face}</span>}
        </li>
      ))}
    </ul>
  )
}

/** What to do now, in type that is read from a metre away. */
export const StepCard = ({
  step,
  job,
  stack,
  difference,
  request,
  assessment,
  passes,
  passesDone,
  lengths,
}: {
  readonly step: BenchStep
  readonly job: JobRow
  readonly stack: Stack
  readonly difference: StackDifference | undefined
  readonly request: PlanRequest
  readonly assessment: Assessment | undefined
  readonly passes: number
  readonly passesDone: number
  readonly lengths: Lengths
}) => {
  const { t } = useTranslation()
  const { cut } = request
  switch (step.is) {
    case 'check':
      return (
        <>
          <BenchTitle>{t('bench.check.title')}</BenchTitle>
          <CheckList stack={stack} />
          <p>{t('bench.check.text')}</p>
        </>
      )
    case 'lay-out': {
      const placement = placementOf(job)
      const placed = placement?.runs[placement.runInHand]
      const { bladeSide, dieNames, dieIds } = runInHandOf(job)
      return (
        <>
          <BenchTitle>{t('bench.layOut.title')}</BenchTitle>
          {placement && placed && (
            <RunSteps
              run={placed}
              card={placement.card}
              blade={bladeSide}
              nameOf={(id) => dieNames[dieIds.indexOf(id)] ?? ''}
              lengths={lengths}
            />
          )}
          <p className="text-ink-soft">{t('bench.layOut.text')}</p>
        </>
      )
    }
    case 'lay': {
      const layer = stack[step.layer] as Stack[number]
      const heightMm = assessment?.ledger.lines[step.layer]?.runningMm
      const lie = sayLie(t, layer)
      const text =
        layer.is === 'sheets'
          ? t('bench.lay.sheets')
          : layer.is === 'dies'
            ? job.card
              ? t(layer.blade === 'down' ? 'bench.lay.placedDown' : 'bench.lay.placedUp')
              : t(layer.blade === 'down' ? 'bench.lay.diesDown' : 'bench.lay.diesUp')
            : t(`bench.lay.${layer.role}`)
      return (
        <>
          <BenchTitle>{t('bench.lay.title', { name: layerName(t, layer) })}</BenchTitle>
          <p>{text}</p>
          {lie && <p className="font-bold">{t('bench.lay.lie', { lie })}</p>}
          {heightMm !== undefined && (
            <p className="text-ink-soft">{t('bench.lay.height', { height: lengths.thickness(heightMm) })}</p>
          )}
        </>
      )
    }
    case 'change':
      return (
        <>
          <BenchTitle>{t('bench.change.title')}</BenchTitle>
          {difference && difference.out.length > 0 && (
            <p className="text-3xl">{t('bench.change.out', { pieces: sayPieces(t, difference.out) })}</p>
          )}
          {difference && difference.into.length > 0 && (
            <p className="text-3xl">{t('bench.change.into', { pieces: sayPieces(t, difference.into) })}</p>
          )}
          {difference?.reordered && <p>{t('bench.change.reordered')}</p>}
        </>
      )
    case 'fresh-sheets':
      return (
        <>
          <BenchTitle>{t('bench.fresh.title')}</BenchTitle>
          <p>{t('bench.fresh.text', { count: cut.sheetCount, name: cut.sheet.name })}</p>
        </>
      )
    case 'hold':
      return (
        <>
          <BenchTitle>{t('bench.hold.title')}</BenchTitle>
          <p>{t('bench.hold.tape')}</p>
          {cut.dies.some((die) => die.dieClass === 'thin-lace') && <p>{t('bench.hold.lace')}</p>}
          {stack.some((layer) => layer.is === 'plate' && layer.plate.magnetic) && <Care>{t('bench.hold.magnet')}</Care>}
        </>
      )
    case 'feed':
      return (
        <>
          <BenchTitle>{t('bench.feed.title')}</BenchTitle>
          <p>{t('bench.feed.text')}</p>
          <Care>{t('bench.feed.care')}</Care>
        </>
      )
    case 'press': {
      const number = Math.min(passesDone + 1, passes)
      const predicted = assessment?.prediction?.passes[number - 1]
      return (
        <>
          <BenchTitle>
            {t('bench.press.title', { number, of: passes })}{' '}
            <span className="text-ink-soft">
              · {t(number % 2 === 1 ? 'bench.press.there' : 'bench.press.backAgain')}
            </span>
          </BenchTitle>
          {predicted && (
            <p>
              {t('bench.press.feel', { feel: t(`words.predictedFeel.${predicted.feel}`) })}{' '}
              {t('bench.press.leaves', { cut: sayCut(t, predicted) })}
            </p>
          )}
          <Care>{t('bench.press.stop')}</Care>
        </>
      )
    }
    case 'look':
      return (
        <>
          <BenchTitle>{t('bench.look.title')}</BenchTitle>
          <p>{t('bench.look.text')}</p>
        </>
      )
    case 'tell':
      return <BenchTitle>{t('bench.tell.title')}</BenchTitle>
  }
}
