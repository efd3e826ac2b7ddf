import type { BuildInput, BuildRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useParams } from 'react-router'
import { useRow } from '../../data/rows.js'
import { Loaded } from '../../ui/states.js'
import { blankBuild } from './blank.js'
import { BuildForm } from './BuildForm.js'

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
  return buildId === undefined || buildId === 'new' ? (
    <BuildForm start={blankBuild} row={undefined} />
  ) : (
    <StoredBuild key={buildId} id={buildId} />
  )
}
