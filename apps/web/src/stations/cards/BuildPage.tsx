import type { BuildInput, BuildRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useParams, useSearchParams } from 'react-router'
import { useRow } from '../../data/rows.js'
import { Loaded } from '../../ui/states.js'
import { BuildForm } from './BuildForm.js'
import { StartChoices } from './StartChoices.js'
import { buildOfStart, isBuildStart } from './starts.js'

const inputOf = ({
  name,
  wanted,
  base,
  frontWidthMm,
  frontHeightMm,
  mostHighMm,
  layers,
  note,
}: BuildRow): BuildInput => ({
  name,
  wanted,
  base,
  frontWidthMm,
  frontHeightMm,
  mostHighMm,
  layers,
  note,
})

const NewBuild = () => {
  const { t } = useTranslation()
  const [search] = useSearchParams()
  const from = search.get('from')
  if (!isBuildStart(from)) return <StartChoices />
  const start = buildOfStart(from, (layer) => t(`cards.start.layer.${layer}`))
  return <BuildForm key={from} start={start} row={undefined} />
}

const StoredBuild = ({ id }: { readonly id: string }) => {
  const { t } = useTranslation()
  return (
    <Loaded query={useRow('builds', id)} what={t('cards.loading')}>
      {(row) => <BuildForm key={row.version} start={inputOf(row)} row={row} />}
    </Loaded>
  )
}

/** One build: its layers from the base up, in section, and what they add up to. */
export const Component = () => {
  const { buildId } = useParams()
  return buildId === undefined || buildId === 'new' ? <NewBuild /> : <StoredBuild key={buildId} id={buildId} />
}
