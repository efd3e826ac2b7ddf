import { boxAround, editRun, freshId, type LaidBlock, type LaidDie, roundBlock } from '@bold-heron/core'
import { lazy, Suspense, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Button } from '../../ui/Button.js'
import { withWordsOf } from '../../text/i18n.js'
import { LengthInput } from '../../ui/form/LengthInput.js'
import { useSay } from '../../ui/toasts.js'
import { useSayTrouble } from '../../ui/use-say-trouble.js'
import { placeWorker } from '../../workers/place.js'
import type { PanelProps } from './panel-props.js'

/** Reading pictures is fetched where somebody has one. */
const TraceDialog = lazy(async () => ({
  default: (await withWordsOf(['shelf'], import('../shelf/trace/TraceDialog.js'))).TraceDialog,
}))

/** mm. A block that is added without a size of its own. */
const USUAL_MM = 40

/** Ways to lay one more block: as the shelf has it, round, traced, or inside the rim of the die. */
export const AddBlocks = ({
  things,
  laid,
  onChange,
}: Pick<PanelProps, 'things' | 'onChange'> & {
  /** The die that it is laid on, where one lies. */
  readonly laid: LaidDie | undefined
}) => {
  const { t } = useTranslation()
  const say = useSay()
  const sayTrouble = useSayTrouble()
  const [diameterMm, setDiameter] = useState(USUAL_MM)
  const [tracing, setTracing] = useState(false)
  const first = things.request.shelf.find((plate) => plate.kind === 'press-block')
  const card = things.sheets.find((sheet) => sheet.id === things.request.cut.sheet.id) ?? things.sheets[0]
  const glued: LaidBlock['material'] | undefined = card && { is: 'cards', sheetId: card.id }
  const fromShelf: LaidBlock['material'] | undefined = first ? { is: 'plate', plateId: first.id } : glued
  const add = (outline: LaidBlock['outline'], material: LaidBlock['material'] | undefined) => {
    if (!material) return
    const box = outline && boxAround(outline)
    onChange((now) =>
      editRun((each) => ({
        ...each,
        blocks: [
          ...each.blocks,
          {
            id: freshId(now, 'block'),
            xMm: laid?.xMm ?? now.card.widthMm / 2,
            yMm: laid?.yMm ?? now.card.heightMm / 2,
            rotationDeg: outline ? (laid?.rotationDeg ?? 0) : 0,
            // Those of one run are as high as one another.
            material: each.blocks[0]?.material ?? material,
            widthMm: box ? box.toX - box.fromX : (first?.lengthMm ?? USUAL_MM),
            heightMm: box ? box.toY - box.fromY : (first?.widthMm ?? USUAL_MM),
            outline,
          },
        ],
      }))(now),
    )
  }
  const addRim = async (dieId: string) => {
    const outline = await placeWorker().rim(dieId)
    if (outline.length === 0) return say(t('place.things.rimNone'), { tone: 'danger' })
    add(outline, glued ?? fromShelf)
  }
  return (
    <div className="mt-1 flex flex-wrap items-end gap-2">
      <Button disabled={!fromShelf} onClick={() => add(null, fromShelf)}>
        {t('place.things.addBlock')}
      </Button>
      <Button disabled={!laid} onClick={() => laid && void addRim(laid.dieId).catch(sayTrouble)}>
        {t('place.things.addRim')}
      </Button>
      <Button disabled={!glued} onClick={() => setTracing(true)}>
        {t('place.things.addTraced')}
      </Button>
      <Button disabled={!fromShelf} onClick={() => add(roundBlock(diameterMm), fromShelf)}>
        {t('place.things.addRound')}
      </Button>
      <LengthInput label={t('place.things.diameter')} mm={diameterMm} leastMm={1} onChange={setDiameter} />
      {tracing && (
        <Suspense>
          <TraceDialog
            open
            onClose={() => setTracing(false)}
            onTraced={(lines) => {
              setTracing(false)
              add(lines, glued)
            }}
          />
        </Suspense>
      )}
    </div>
  )
}
