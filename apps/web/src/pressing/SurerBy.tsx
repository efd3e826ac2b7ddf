import { type Assessment, type CutContext, plateIdOf, surerBy } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { jobPath } from '../data/job-address.js'
import { layerName } from './stack/layer-name.js'

/** The next step where a stack is not sure to come out well, with the way to it. */
export const SurerBy = ({
  assessment,
  cut,
  jobId,
}: {
  readonly assessment: Assessment
  readonly cut: CutContext
  readonly jobId: string
}) => {
  const { t } = useTranslation()
  const surer = surerBy(assessment, cut)
  if (!surer) return null
  if (surer.by === 'feeling-gap')
    return (
      <p className="mt-1">
        {t('common.surer.gap')}{' '}
        <Link to={`/shelf/presses/${cut.press.id}/feel`} className="font-bold">
          {t('common.surer.gapLink')}
        </Link>
      </p>
    )
  if (surer.by === 'looking')
    return (
      <p className="mt-1">
        {t('common.surer.look')}{' '}
        <Link to={jobPath(jobId, 'bench')} className="font-bold">
          {t('common.surer.lookLink')}
        </Link>
      </p>
    )
  const layer = assessment.stack[surer.layerIndex]
  if (!layer) return null
  const name = layer.is === 'dies' ? layer.dies.map((die) => die.name).join(', ') : layerName(t, layer)
  const [first] = layer.is === 'dies' ? layer.dies : []
  const path =
    layer.is === 'plate'
      ? `/shelf/plates/${plateIdOf(layer.plate.id)}`
      : layer.is === 'sheets'
        ? `/shelf/sheets/${layer.sheet.id}`
        : `/shelf/dies/${first?.id ?? ''}`
  return (
    <p className="mt-1">
      {t('common.surer.measure')}{' '}
      <Link to={path} className="font-bold">
        {t('common.surer.measureLink', { name })}
      </Link>
    </p>
  )
}
