import { blanksBefore, isUseful, leftBesideStrips, leftOfCutUp, sizeOf, waysToCutStrips } from '@bold-heron/core'
import type { BorderOfRun, OffcutRow, PressRun, SheetRow } from '@bold-heron/schema'
import { PackageCheck } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { useIsOnItsWay } from '../data/bench-outbox.js'
import { useAddRow, useEveryRow, useRow, useRows } from '../data/rows.js'
import { NestDrawing } from '../drawing/nest/NestDrawing.js'
import { useLengths } from '../text/lengths.js'
import { Button } from '../ui/Button.js'
import { useSayTrouble } from '../ui/use-say-trouble.js'

/** Rectangles of a sheet that were left over where they are worth keeping, each kept with one tap. */
const KeepRectangles = ({
  runId,
  sheetId,
  leftOf,
}: {
  readonly runId: string
  readonly sheetId: string
  readonly leftOf: (sheet: SheetRow, offcuts: readonly OffcutRow[]) => readonly number[][]
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const sayTrouble = useSayTrouble()
  const add = useAddRow('offcuts')
  const isOnItsWay = useIsOnItsWay(runId)
  const sheet = useRow('sheets', sheetId).data
  const offcuts = useEveryRow('offcuts', { retired: 'all', sheetId }).data
  if (!sheet || !offcuts) return null
  const left = leftOf(sheet, offcuts)
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

/** What a sheet has left beside a border's strip and at its end. */
export const KeepBesideStrip = ({
  border: { stripLengthMm, stripWidthMm },
  ...of
}: {
  readonly runId: string
  readonly sheetId: string
  readonly border: Pick<BorderOfRun, 'stripLengthMm' | 'stripWidthMm'>
}) => (
  <KeepRectangles
    {...of}
    leftOf={(sheet) => {
      const strip = { lengthMm: stripLengthMm, widthMm: stripWidthMm }
      const [way] = waysToCutStrips(sheet, strip)
      return way ? leftBesideStrips(sheet, strip, way.along, 1) : []
    }}
  />
)

/** What sheets that were cut to size have left beside the blanks that their job took so far. */
export const KeepBesideBlanks = ({
  jobId,
  cutToSize,
  sheetCount,
  ...of
}: {
  readonly runId: string
  readonly jobId: string
  readonly sheetId: string
  readonly sheetCount: number
  readonly cutToSize: NonNullable<PressRun['cutToSize']>
}) => {
  const runs = useRows('runs', { jobId }).data?.items
  if (!runs) return null
  return (
    <KeepRectangles
      {...of}
      leftOf={(sheet, offcuts) => {
        const kept = new Set(offcuts.map(({ fromRunId }) => fromRunId))
        const before = blanksBefore({ id: of.runId, sheetId: of.sheetId, cutToSize }, runs, kept)
        return leftOfCutUp(sheet, cutToSize, before + sheetCount)
      }}
    />
  )
}
