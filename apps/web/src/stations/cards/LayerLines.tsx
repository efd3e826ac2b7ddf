import { arrayMove } from '@dnd-kit/sortable'
import { asJoined, type BuildSection, fromTableUp } from '@bold-heron/core'
import type { BuildInput, BuildLayerInput, SheetRow } from '@bold-heron/schema'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import type { Draft } from '../../ui/record/draft.js'
import { type OnItsWay, SortedByHand } from '../../ui/SortedByHand.js'
import { LayerLine } from './LayerLine.js'

/** The layers of a build as they lie on one another, the uppermost first: each is carried to another place, or opened and changed. */
export const LayerLines = ({
  draft,
  section,
  sheets,
}: {
  readonly draft: Draft<BuildInput>
  readonly section: BuildSection
  readonly sheets: ReadonlyMap<string, SheetRow>
}) => {
  const { t } = useTranslation()
  const { layers } = draft.value
  const [open, setOpen] = useState<string | undefined>(() => layers.find(({ sheetId }) => sheetId === '')?.id)
  const nameOf = (at: number) => layers[at]?.name || t('cards.build.layer', { count: at + 1 })
  const topDown = fromTableUp(layers).reverse()
  const set = (layers: readonly BuildLayerInput[]) => draft.change({ layers: [...layers] })
  const change = (at: number, part: Partial<BuildLayerInput>) => {
    const { sheetId } = part
    // The first sheet that is picked is that of all layers but a film, until another is picked for one.
    const isFirst = sheetId !== undefined && layers.every((each) => each.sheetId === '')
    set(
      layers.map((each, index) => {
        if (index === at) return { ...each, ...part }
        return isFirst && each.lies !== 'behind' ? { ...each, sheetId } : each
      }),
    )
  }
  const move = (from: number, to: number) => set(asJoined(arrayMove(topDown, from, to).reverse()))
  const tell = (line: OnItsWay) => t('cards.build.announce', { ...line })
  return (
    <SortedByHand
      keys={topDown.map(({ id }) => id)}
      nameAt={(place) => nameOf(layers.indexOf(topDown[place] as BuildLayerInput))}
      tellOver={tell}
      tellDropped={tell}
      onMove={move}
    >
      <p className="text-sm text-ink-soft">{t('cards.build.order')}</p>
      <ol aria-label={t('cards.build.layers')} className="rounded-md border border-line">
        {topDown.map((layer, place) => {
          const at = layers.indexOf(layer)
          const noSheet = draft.isWrong(`layers.${at}.sheetId`)
          return (
            <LayerLine
              key={layer.id}
              layer={layer}
              at={at}
              called={nameOf(at)}
              placed={section.layers[at]}
              sheet={sheets.get(layer.sheetId)}
              isOpen={noSheet || open === layer.id}
              noSheet={noSheet}
              onOpen={() => setOpen(open === layer.id ? undefined : layer.id)}
              onChange={(part) => change(at, part)}
              onMove={(by) => move(place, Math.max(0, Math.min(layers.length - 1, place + by)))}
              onTake={layers.length > 1 ? () => set(layers.filter((each) => each !== layer)) : undefined}
            />
          )
        })}
      </ol>
    </SortedByHand>
  )
}
