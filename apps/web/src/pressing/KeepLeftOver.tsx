import { isUseful, leftOver, placeLines } from '@bold-heron/core'
import type { CutFrom, DieRow } from '@bold-heron/schema'
import { PackageCheck } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { useIsOnItsWay } from '../data/bench-outbox.js'
import { loopsOfSheet, usePieceShapes } from '../data/nesting.js'
import { useAddRow, useEveryRow, useRow, useRowsById } from '../data/rows.js'
import { NestDrawing } from '../drawing/nest/NestDrawing.js'
import { Button } from '../ui/Button.js'
import { useSayTrouble } from '../ui/use-say-trouble.js'

/** What a run left over of the sheet or leftover that it was cut from, where that is worth keeping: kept with one tap. */
export const KeepLeftOver = ({
  runId,
  sheetId,
  cutFrom,
}: {
  readonly runId: string
  readonly sheetId: string
  readonly cutFrom: CutFrom
}) => {
  const { t } = useTranslation()
  const sayTrouble = useSayTrouble()
  const add = useAddRow('offcuts')
  const isOnItsWay = useIsOnItsWay(runId)
  const sheet = useRow('sheets', sheetId).data
  const offcuts = useEveryRow('offcuts', { retired: 'all', sheetId }).data
  const diesById = useRowsById('dies')
  const dies = [...new Set(cutFrom.poses.map(({ dieId }) => dieId))].flatMap((id): DieRow[] => {
    const die = diesById.get(id)
    return die ? [die] : []
  })
  const outlines = usePieceShapes(dies).data
  if (!sheet || !offcuts || !outlines) return null
  const from = offcuts.find(({ id }) => id === cutFrom.offcutId)
  if (cutFrom.offcutId !== null && !from) return null
  if (offcuts.some(({ fromRunId }) => fromRunId === runId)) return <p>{t('common.leftOver.isKept')}</p>
  const loops = from?.loops ?? loopsOfSheet(sheet)
  const taken = cutFrom.poses.flatMap((pose) => placeLines([outlines.get(pose.dieId)?.outline ?? []], pose))
  const left = leftOver(loops, taken)
  if (!left || !isUseful(left)) return null
  const kept = [left.outer, ...left.holes].map((loop) => Array.from(loop, (mm) => Math.round(mm * 1000) / 1000))
  const keep = () =>
    add.mutate(
      {
        name: t('common.leftOver.name', { sheet: sheet.name }),
        sheetId,
        loops: kept,
        source: 'left-over',
        caliperMm: from?.caliperMm ?? null,
        fromRunId: runId,
        note: '',
      },
      { onError: sayTrouble },
    )
  return (
    <section className="flex flex-wrap items-center gap-4 rounded-lg border border-line p-3">
      <NestDrawing loops={kept} spoken={t('common.leftOver.spoken')} className="h-24 w-36" />
      <div>
        <h3 className="font-bold">{t('common.leftOver.title')}</h3>
        <Button icon={<PackageCheck aria-hidden size={18} />} disabled={add.isPending || isOnItsWay} onClick={keep}>
          {t('common.leftOver.keep')}
        </Button>
      </div>
    </section>
  )
}
