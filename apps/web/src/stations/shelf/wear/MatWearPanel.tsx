import { isFolder } from '@bold-heron/core'
import type { DieRow, MatWear, PlateRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useMatWear } from '../../../data/pad-wear.js'
import { Badge } from '../../../ui/Badge.js'
import { Panel } from '../../../ui/Panel.js'
import { Loaded } from '../../../ui/states.js'

const Said = ({ isMat, borne }: { readonly isMat: boolean; readonly borne: { passes: number; timesCut?: number } }) => {
  const { t } = useTranslation()
  const { passes, timesCut = 0 } = borne
  if (passes === 0) return <p className="text-ink-soft">{t('shelf.wear.mat.none')}</p>
  return (
    <div className="space-y-2">
      <p>{t('shelf.wear.mat.passes', { passes: t('shelf.wear.passes', { count: passes }) })}</p>
      {isMat && timesCut > 0 && (
        <p>
          <Badge tone="warn">{t('shelf.wear.mat.cutName')}</Badge> {t('shelf.wear.mat.cut', { count: timesCut })}
        </p>
      )}
      {isMat && timesCut === 0 && <p>{t('shelf.wear.mat.whole')}</p>}
      {!isMat && <p>{t('shelf.wear.mat.bows')}</p>}
    </div>
  )
}

const Borne = ({
  isMat,
  find,
}: {
  readonly isMat: boolean
  readonly find: (all: MatWear) => { passes: number } | undefined
}) => {
  const { t } = useTranslation()
  return (
    <Panel title={t('shelf.wear.title')}>
      <Loaded query={useMatWear()} what={t('shelf.wear.loading')}>
        {(all) => <Said isMat={isMat} borne={find(all) ?? { passes: 0 }} />}
      </Loaded>
    </Panel>
  )
}

/** What a mat or an impression pad has borne, and how often it was found cut. */
export const MatWearPanel = ({ row: { id, kind } }: { readonly row: PlateRow }) =>
  kind === 'embossing-mat' || kind === 'impression-pad' ? (
    <Borne isMat find={({ mats }) => mats.find(({ plateId }) => plateId === id)} />
  ) : null

/** What a folder has borne: folders bow with use. */
export const FolderWearPanel = ({ row: { id, dieClass } }: { readonly row: DieRow }) =>
  isFolder(dieClass) ? <Borne isMat={false} find={({ folders }) => folders.find(({ dieId }) => dieId === id)} /> : null
