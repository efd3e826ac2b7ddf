import { blockOfMaterial, type ComparedBlock, editBlock, type PlacedRun } from '@bold-heron/core'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useComparedBlocks } from '../../data/placing.js'
import { useLengths } from '../../text/lengths.js'
import { sayChance } from '../../text/say-cut.js'
import { sayPieces } from '../../text/say-difference.js'
import { Button } from '../../ui/Button.js'
import { Loaded } from '../../ui/states.js'
import type { PanelProps } from './panel-props.js'

/** What a block asks of the stack, in a row of the table. */
const Compared = ({ block, onTake }: { readonly block: ComparedBlock; readonly onTake: () => void }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { name, found } = block
  return (
    <tr className="border-b border-line align-top">
      <th scope="row" className="py-1 text-left font-bold">
        {name}
        {found && <span className="block font-normal">{lengths.thickness(found.heightMm)}</span>}
      </th>
      {found ? (
        <td className="px-2">
          {found.change.out.length > 0 && <p>{t('place.blocks.leaves', { pieces: sayPieces(t, found.change.out) })}</p>}
          {found.change.into.length > 0 && (
            <p>{t('place.blocks.fills', { pieces: sayPieces(t, found.change.into) })}</p>
          )}
          <p>
            {t('place.blocks.comesOut', { count: found.passes, chance: sayChance(t, found.chance) })}{' '}
            {t('place.press.dent', { chance: sayChance(t, found.dentChance) })}
          </p>
        </td>
      ) : (
        <td className="px-2">{t('place.blocks.none')}</td>
      )}
      <td>
        <Button look="quiet" aria-label={t('place.blocks.takeNamed', { name })} onClick={onTake}>
          {t('place.blocks.take')}
        </Button>
      </td>
    </tr>
  )
}

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
              <Compared key={JSON.stringify(block.material)} block={block} onTake={() => take(block)} />
            ))}
          </tbody>
        </table>
      )}
    </Loaded>
  )
}
