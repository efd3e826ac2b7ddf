import { isUseful, leftBesideStrips, sizeOf, waysToCutStrips } from '@bold-heron/core'
import type { BorderOfRun } from '@bold-heron/schema'
import { PackageCheck } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { useIsOnItsWay } from '../data/bench-outbox.js'
import { useAddRow, useEveryRow, useRow } from '../data/rows.js'
import { NestDrawing } from '../drawing/nest/NestDrawing.js'
import { useLengths } from '../text/lengths.js'
import { Button } from '../ui/Button.js'
import { useSayTrouble } from '../ui/use-say-trouble.js'

/** What a sheet has left beside a border's strip and at its end, where that is worth keeping: each kept with one tap. */
export const KeepBesideStrip = ({
  runId,
  sheetId,
  border: { stripLengthMm, stripWidthMm },
}: {
  readonly runId: string
  readonly sheetId: string
  readonly border: Pick<BorderOfRun, 'stripLengthMm' | 'stripWidthMm'>
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const sayTrouble = useSayTrouble()
  const add = useAddRow('offcuts')
  const isOnItsWay = useIsOnItsWay(runId)
  const sheet = useRow('sheets', sheetId).data
  const offcuts = useEveryRow('offcuts', { retired: 'all', sheetId }).data
  if (!sheet || !offcuts) return null
  const strip = { lengthMm: stripLengthMm, widthMm: stripWidthMm }
  const [way] = waysToCutStrips(sheet, strip)
  const left = way ? leftBesideStrips(sheet, strip, way.along, 1) : []
  const kept = offcuts.filter(({ fromRunId }) => fromRunId === runId)
  const isKept = (loop: readonly number[]): boolean =>
    kept.some(({ lengthMm, widthMm }) => String([lengthMm, widthMm]) === String(sizeOf(loop)))
  const useful = left.filter((outer) => isUseful({ outer, holes: [] }))
  if (useful.length === 0) return null
  const keep = (loop: readonly number[]) =>
    add.mutate(
      {
        name: t('common.leftOver.name', { sheet: sheet.name }),
        sheetId,
        loops: [loop],
        source: 'left-over',
        caliperMm: null,
        fromRunId: runId,
        note: '',
      },
      { onError: sayTrouble },
    )
  return (
    <section className="space-y-3 rounded-lg border border-line p-3">
      <h3 className="font-bold">{t('common.leftOver.title')}</h3>
      {useful.map((loop) => {
        const size = lengths.area(...sizeOf(loop))
        return (
          <div key={size} className="flex flex-wrap items-center gap-4">
            <NestDrawing loops={[loop]} spoken={t('common.leftOver.spoken')} className="h-16 w-36" />
            {isKept(loop) ? (
              <p>{t('common.leftOver.sizeIsKept', { size })}</p>
            ) : (
              <Button
                icon={<PackageCheck aria-hidden size={18} />}
                disabled={add.isPending || isOnItsWay}
                onClick={() => keep(loop)}
              >
                {t('common.leftOver.keepSize', { size })}
              </Button>
            )}
          </div>
        )
      })}
    </section>
  )
}
