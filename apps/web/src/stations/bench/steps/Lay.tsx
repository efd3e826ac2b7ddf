import { useLengths } from '../../../text/lengths.js'
import { factsOfDieClass, hasBlades, type Layer, type Role } from '@bold-heron/core'
import type { TFunction } from 'i18next'
import { useTranslation } from 'react-i18next'
import type { TermId } from '../../../drawing/terms/list.js'
import { Term } from '../../../drawing/terms/Term.js'
import { sayLie } from '../../../pressing/say-lie.js'
import { layerName } from '../../../pressing/stack/layer-name.js'
import { BenchTitle } from './BenchTitle.js'
import type { ShownStep } from './step.js'

const howToLay = (t: TFunction<'app'>, layer: Layer, isLaidOut: boolean): string => {
  if (layer.is === 'sheets') return t('bench.lay.sheets')
  if (layer.is === 'plate') return t(`bench.lay.${layer.role}`)
  const use = factsOfDieClass(layer.dies[0]?.dieClass ?? 'thin-outline').use
  if (use === 'shape') return t('bench.lay.shape')
  if (use !== 'die') return t('bench.lay.folder')
  if (isLaidOut) return t(layer.blade === 'down' ? 'bench.lay.placedDown' : 'bench.lay.placedUp')
  return t(layer.blade === 'down' ? 'bench.lay.diesDown' : 'bench.lay.diesUp')
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
        {howToLay(t, layer, job.card !== null)}{' '}
        {term && (
          <Term id={term} tall>
            {t(`terms.name.${term}`)}?
          </Term>
        )}
      </p>
      {lie && <p className="font-bold">{t('bench.lay.lie', { lie })}</p>}
      {heightMm !== undefined && (
        <p className="text-ink-soft">{t('bench.lay.height', { height: lengths.thickness(heightMm) })}</p>
      )}
    </>
  )
}
