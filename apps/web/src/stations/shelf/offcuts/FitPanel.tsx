import {
  factsOfDieClass,
  type NestWanted,
  type PieceTurns,
  turnsOn,
  USUAL_EDGE_MM,
  USUAL_GAP_MM,
} from '@bold-heron/core'
import type { DieRow, OffcutRow } from '@bold-heron/schema'
import { Square } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useNest, usePieceShapes } from '../../../data/nesting.js'
import { useEveryRow } from '../../../data/rows.js'
import { NestDrawing } from '../../../drawing/nest/NestDrawing.js'
import { RowPicker } from '../../../drawing/pick/RowPicker.js'
import { Button } from '../../../ui/Button.js'
import { LengthInput, NumberInput } from '../../../ui/form/LengthInput.js'
import { Panel } from '../../../ui/Panel.js'
import { DiesThatFit } from './DiesThatFit.js'

/** ms that laying is improved before it is left at that. */
const LOOKING_MS = 4000
const MOST_COPIES = 500

const Laid = ({ offcut, die, count }: { readonly offcut: OffcutRow; readonly die: DieRow; readonly count: number }) => {
  const { t } = useTranslation()
  const [gapMm, setGap] = useState(USUAL_GAP_MM)
  const [edgeMm, setEdge] = useState(USUAL_EDGE_MM)
  const [keepGrain, setKeepGrain] = useState<boolean>()
  const sheet = useEveryRow('sheets', { retired: 'all' }).data?.find(({ id }) => id === offcut.sheetId)
  const usual = turnsOn(sheet)
  const turns: PieceTurns = (keepGrain ?? usual === 'half') ? 'half' : 'any'
  const shape = usePieceShapes([die]).data?.get(die.id)
  const [outer, ...holes] = offcut.loops
  const wanted: NestWanted | null =
    shape && outer
      ? { sheet: { outline: outer, holes }, pieces: [{ outline: shape.outline, count, turns }], gapMm, edgeMm, seed: 1 }
      : null
  const { found, isLooking, endedEarly, stop } = useNest(wanted, LOOKING_MS)
  const laid = found?.placed.length ?? 0
  return (
    <div className="space-y-2">
      <NestDrawing
        loops={offcut.loops}
        shapes={shape ? [shape] : []}
        placed={found?.placed ?? []}
        spoken={t('shelf.fit.spoken', { count: laid, die: die.name })}
        className="max-h-80 w-full"
      />
      <p role="status">
        {laid > 0
          ? t('shelf.fit.laid', { count: laid, die: die.name, share: Math.round(100 * (found?.usedShare ?? 0)) })
          : isLooking
            ? t('shelf.fit.looking')
            : t('shelf.fit.none', { die: die.name })}
        {isLooking && laid > 0 && <> {t('shelf.fit.better')}</>}
        {!isLooking && endedEarly && <> {t('shelf.fit.endedEarly')}</>}
      </p>
      {isLooking && (
        <Button icon={<Square aria-hidden size={16} />} onClick={stop}>
          {t('shelf.fit.stop')}
        </Button>
      )}
      <div className="flex flex-wrap gap-3">
        <LengthInput label={t('shelf.fit.gap')} mm={gapMm} leastMm={0} onChange={setGap} />
        <LengthInput label={t('shelf.fit.edge')} mm={edgeMm} leastMm={0} onChange={setEdge} />
      </div>
      <label className="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="size-5 accent-accent"
          checked={turns === 'half'}
          onChange={(event) => setKeepGrain(event.target.checked)}
        />
        {t('shelf.fit.grain')}
      </label>
    </div>
  )
}

/** What can still be cut from a leftover: a die, as often as it fits, laid by its true outline; and which dies fit at all. */
export const FitPanel = ({ row: offcut }: { readonly row: OffcutRow }) => {
  const { t } = useTranslation()
  const [dieId, setDieId] = useState('')
  const [count, setCount] = useState(MOST_COPIES)
  const dies = (useEveryRow('dies').data ?? []).filter(({ dieClass }) => factsOfDieClass(dieClass).use === 'die')
  const die = dies.find(({ id }) => id === dieId)
  return (
    <Panel title={t('shelf.fit.title')}>
      <div className="space-y-3">
        {offcut.claims.length > 0 && (
          <p className="rounded-md border border-warn bg-warn-wash p-2">
            {t('shelf.fit.claimed', { jobs: offcut.claims.map(({ jobName }) => jobName).join(', ') })}
          </p>
        )}
        <div className="flex flex-wrap items-end gap-3">
          <div className="min-w-40 flex-1">
            <RowPicker
              kind="dies"
              label={t('shelf.fit.die')}
              blank={t('shelf.fit.die')}
              value={dieId}
              among={({ dieClass }) => factsOfDieClass(dieClass).use === 'die'}
              onPick={setDieId}
            />
          </div>
          {die && (
            <NumberInput
              label={t('shelf.fit.count')}
              value={count}
              step={1}
              least={1}
              most={MOST_COPIES}
              onChange={(value) => setCount(Math.round(value))}
            />
          )}
        </div>
        {die ? <Laid key={die.id} offcut={offcut} die={die} count={count} /> : null}
        <DiesThatFit offcut={offcut} dies={dies} onPick={setDieId} />
      </div>
    </Panel>
  )
}
