import { useLengths } from '../../../text/lengths.js'
import { factsOfDieClass, hasBlades, type Layer, type Role, type Stack } from '@bold-heron/core'
import { runInHandOf } from '@bold-heron/schema'
import type { TFunction } from 'i18next'
import { useTranslation } from 'react-i18next'
import type { TermId } from '../../../drawing/terms/list.js'
import { Term } from '../../../drawing/terms/Term.js'
import { sayLeaves } from '../../../pressing/say-leaves.js'
import { sayLie } from '../../../pressing/say-lie.js'
import { layerName } from '../../../pressing/stack/layer-name.js'
import { BenchTitle } from './BenchTitle.js'
import type { ShownStep } from './step.js'

/** How dies come to lie where they do: anywhere in the middle, where it was laid out, or along a strip. */
type LaidBy = 'hand' | 'placed' | 'border'

/** Whether sheets come to lie on a foil, which prints what looks at it. */
const isOnFoil = (stack: Stack, at: number): boolean => {
  const below = stack[at - 1]
  return below?.is === 'plate' && below.role === 'foil'
}

const howToLay = (t: TFunction<'app'>, stack: Stack, at: number, by: LaidBy): string => {
  const layer = stack[at] as Layer
  if (layer.is === 'sheets') return t(isOnFoil(stack, at) ? 'bench.lay.sheetsOnFoil' : 'bench.lay.sheets')
  if (layer.is === 'plate') {
    const isUnderDies = at < stack.findIndex(({ is }) => is === 'dies')
    return t(layer.role === 'pad' && isUnderDies ? 'bench.lay.padUnder' : `bench.lay.${layer.role}`)
  }
  const use = factsOfDieClass(layer.dies[0]?.dieClass ?? 'thin-outline').use
  if (use === 'shape') return t('bench.lay.shape')
  if (use !== 'die') {
    const end = t(`words.feedEnd.${layer.dies[0]?.feedEnd ?? 'hinge'}`)
    return t(use === 'cutting-folder' ? 'bench.lay.folderCuts' : 'bench.lay.folder', { end })
  }
  const way = layer.blade === 'down' ? 'Down' : 'Up'
  return t(`bench.lay.${by === 'placed' ? 'placed' : by === 'border' ? 'border' : 'dies'}${way}`)
}

/** Roles that the page of words explains. */
const termOfRole: Partial<Record<Role, TermId>> = {
  platform: 'platform',
  spacer: 'spacer',
  shim: 'shim',
  bed: 'bed',
  pad: 'pad',
  block: 'block',
}

/** The next layer onto the stack. */
export const Lay: ShownStep<'lay'> = ({ step, job, stack, assessment }) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const layer = stack[step.layer]
  if (!layer) return null
  const heightMm = assessment?.ledger.lines[step.layer]?.runningMm
  const lie = sayLie(t, layer)
  const leaves = layer.is === 'plate' ? sayLeaves(t, layer.plate) : undefined
  const term: TermId | undefined =
    layer.is === 'plate'
      ? termOfRole[layer.role]
      : layer.is === 'dies' && hasBlades(layer.dies)
        ? 'blade-side'
        : undefined
  return (
    <>
      <BenchTitle>{t('bench.lay.title', { name: layerName(t, layer) })}</BenchTitle>
      <p>
        {howToLay(t, stack, step.layer, runInHandOf(job).border ? 'border' : job.card ? 'placed' : 'hand')}{' '}
        {term && (
          <Term id={term} tall>
            {t(`terms.name.${term}`)}?
          </Term>
        )}
      </p>
      {leaves && <p className="font-bold">{leaves}</p>}
      {lie && <p className="font-bold">{t('bench.lay.lie', { lie })}</p>}
      {heightMm !== undefined && (
        <p className="text-ink-soft">{t('bench.lay.height', { height: lengths.thickness(heightMm) })}</p>
      )}
    </>
  )
}
