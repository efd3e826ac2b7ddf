import { blockOfMaterial, type ComparedBlock, editBlock, type PlacedRun } from '@bold-heron/core'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useComparedBlocks } from '../../data/placing.js'
import { BlockRow } from '../../pressing/placed/BlockRow.js'
import { Button } from '../../ui/Button.js'
import { Loaded } from '../../ui/states.js'
import type { PanelProps } from './panel-props.js'

/** Every block of the shelf beside one another for this run: its height, what leaves the stack, what fills it up, how surely it works. */
export const CompareBlocks = ({ placement, things, onChange }: PanelProps) => {
  const { t } = useTranslation()
  const [wanted, setWanted] = useState(false)
  const compared = useComparedBlocks(things, placement, wanted)
  const run = placement.runs[placement.runInHand] as PlacedRun
  if (run.blocks.length === 0) return null
  const take = ({ material }: ComparedBlock) =>
    onChange((now) =>
      run.blocks.reduce(
        (so, block) => editBlock(block.id, blockOfMaterial(block, material, things.request.shelf))(so),
        now,
      ),
    )
  if (!wanted)
    return (
      <Button className="mt-2" onClick={() => setWanted(true)}>
        {t('place.blocks.compare')}
      </Button>
    )
  return (
    <Loaded query={compared} what={t('place.blocks.comparing')}>
      {(blocks) => (
        <table className="mt-2 w-full text-base">
          <caption className="text-left font-bold">{t('place.blocks.title')}</caption>
          <tbody>
            {blocks.map((block) => (
              <BlockRow key={JSON.stringify(block.material)} block={block}>
                <td>
                  <Button
                    look="quiet"
                    aria-label={t('place.blocks.takeNamed', { name: block.name })}
                    onClick={() => take(block)}
                  >
                    {t('place.blocks.take')}
                  </Button>
                </td>
              </BlockRow>
            ))}
          </tbody>
        </table>
      )}
    </Loaded>
  )
}
