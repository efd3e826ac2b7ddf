import type { Assessment, PlanRequest, Stack } from '@bold-heron/core'
import { Plus, Undo2 } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { bandsOf } from '../../drawing/section/geometry.js'
import { sectionScale, StackSection } from '../../drawing/section/StackSection.js'
import { useLengths } from '../../text/lengths.js'
import { Button } from '../../ui/Button.js'
import { laidByHand, piecesLeft, placeToAdd } from './chosen-stack.js'
import { LAYER_ROW_PX, LayerList } from './LayerList.js'
import { layerName } from './layer-name.js'
import { LedgerSum } from './LedgerSum.js'
import { PieceMenu } from './PieceMenu.js'

const SECTION = { widthPx: 270, heightPx: 330 }
const LEADER_PX = 40

/** Thin lines from each layer of the drawing to its line in the list. */
const Leaders = ({ stack, gapMm, heightMm }: { stack: Stack; gapMm: number; heightMm: number }) => {
  const { yOf } = sectionScale(heightMm, gapMm, SECTION)
  const listPx = stack.length * LAYER_ROW_PX
  return (
    <svg
      aria-hidden
      data-on-table
      width={LEADER_PX}
      height={Math.max(SECTION.heightPx, listPx)}
      className="hidden shrink-0 md:block"
    >
      {bandsOf(stack).map(({ fromMm, toMm }, at) => {
        const from = yOf((fromMm + toMm) / 2)
        const to = (stack.length - at - 0.5) * LAYER_ROW_PX
        return (
          <path
            key={at}
            d={`M0 ${from}h8L${LEADER_PX - 6} ${to}h6`}
            fill="none"
            stroke="var(--color-ink)"
            strokeWidth={0.8}
          />
        )
      })}
    </svg>
  )
}

/** The stack drawn between the rollers, and beside it the same as a list that can be changed and a sum that can be checked. */
export const StackLeaf = ({
  assessment,
  request,
  canUndo,
  onChange,
  onUndo,
}: {
  readonly assessment: Assessment
  readonly request: PlanRequest
  readonly canUndo: boolean
  readonly onChange: (stack: Stack) => void
  readonly onUndo: () => void
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const [marked, setMarked] = useState<number>()
  const { stack, ledger, window } = assessment
  const heightMm = ledger.total.valueMm
  const described = t('plan.stack.drawing', {
    layers: stack.map((layer) => layerName(t, layer)).join(', '),
    total: lengths.thickness(heightMm),
    gap: lengths.thickness(window.gapMm),
  })
  return (
    <div className="flex flex-col items-start gap-y-3 md:flex-row">
      {/* On a phone the list answers first. */}
      <div className="mx-auto w-full shrink-0 max-md:order-last md:mx-0" style={{ maxWidth: SECTION.widthPx }}>
        <StackSection
          stack={stack}
          gapMm={window.gapMm}
          rollerRadiusMm={request.cut.press.frame.rollerDiameterMm / 2}
          size={SECTION}
          described={described}
          marked={marked}
        />
      </div>
      <Leaders stack={stack} gapMm={window.gapMm} heightMm={heightMm} />
      <div className="w-full min-w-0 flex-1">
        <LayerList stack={stack} ledger={ledger} request={request} onChange={onChange} onMark={setMarked} />
        <div className="flex flex-wrap items-start">
          <div className="flex gap-1 pt-1">
            <PieceMenu
              trigger={
                <Button look="quiet" className="min-h-9! px-2!" icon={<Plus aria-hidden size={16} />}>
                  {t('plan.stack.addBelow')}
                </Button>
              }
              title={t('plan.stack.addWhat')}
              shelf={request.shelf}
              left={piecesLeft(stack, request.shelf)}
              near={['shim', 'spacer']}
              onPick={(plate) => {
                const at = placeToAdd(stack)
                onChange(laidByHand([...stack.slice(0, at), { is: 'plate', plate }, ...stack.slice(at)], request))
              }}
            />
            {canUndo && (
              <Button look="quiet" className="min-h-9! px-2!" icon={<Undo2 aria-hidden size={16} />} onClick={onUndo}>
                {t('plan.stack.undo')}
              </Button>
            )}
          </div>
          <LedgerSum assessment={assessment} cut={request.cut} />
        </div>
      </div>
    </div>
  )
}
