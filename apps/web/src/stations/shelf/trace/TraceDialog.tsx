import { Upload } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { OutlineDrawing } from '../../../drawing/outline/OutlineDrawing.js'
import { useLengths } from '../../../text/lengths.js'
import { Button } from '../../../ui/Button.js'
import { Choice } from '../../../ui/Choice.js'
import { FilePicker } from '../../../ui/FilePicker.js'
import { Modal } from '../../../ui/Modal.js'
import { Fault } from '../../../ui/Notice.js'
import { Slider } from '../../../ui/Slider.js'
import { Corners } from '../../../ui/square-up/Corners.js'
import { ScaleFields } from '../../../ui/square-up/ScaleFields.js'
import { useSquareUp } from '../../../ui/square-up/use-square-up.js'
import type { OutlineView } from '../../../paths/outline-view.js'
import { tracer } from '../../../workers/trace.js'
import type { TracedView } from '../../../workers/trace.worker.js'

/** mm². Spots smaller than this are dust on the glass. */
const DUST_MM2 = 3
const samples = { scan: 'lighthouse-scan.png', photo: 'kite-photo.png' } as const

/** What was found in the picture: the lines and their size, and where dark ends and light begins. */
const TracedOutline = ({
  traced,
  threshold,
  onThreshold,
  onTake,
}: {
  readonly traced: Extract<TracedView, { ok: true }>
  readonly threshold: number | undefined
  readonly onThreshold: (level: number) => void
  readonly onTake: () => void
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  return (
    <>
      <OutlineDrawing view={traced.view} className="mx-auto block h-56 w-full" spoken={t('shelf.outline.spoken')} />
      <p role="status">
        {t('trace.found', {
          size: lengths.area(traced.view.measures.lengthMm, traced.view.measures.widthMm),
          count: traced.lines.length,
          accuracy: lengths.thickness(traced.accuracyMm),
        })}
      </p>
      <Slider
        label={t('trace.threshold')}
        shown={String(Math.round(threshold ?? traced.threshold))}
        value={threshold ?? traced.threshold}
        least={5}
        most={250}
        step={1}
        onChange={onThreshold}
      />
      <Button look="next" onClick={onTake}>
        {t('trace.take')}
      </Button>
    </>
  )
}

/** Traces a die's outline from a scan or photo of what it cut, or of the die itself. */
export const TraceDialog = ({
  open,
  onClose,
  onTraced,
}: {
  readonly open: boolean
  readonly onClose: () => void
  readonly onTraced: (lines: readonly (readonly number[])[], view: OutlineView, fileName: string) => void
}) => {
  const { t } = useTranslation()
  const squaring = useSquareUp()
  const [darkShape, setDark] = useState<'dark' | 'light'>('dark')
  const [threshold, setThreshold] = useState<number>()
  const [traced, setTraced] = useState<TracedView>()
  const [busy, setBusy] = useState(false)
  const [refused, setRefused] = useState(false)
  const { picture } = squaring

  const take = async (file: Blob, name: string) => {
    setRefused(false)
    setTraced(undefined)
    try {
      await squaring.open(file, name)
    } catch {
      setRefused(true)
    }
  }
  const sample = async (which: keyof typeof samples) =>
    take(await (await fetch(`/samples/${samples[which]}`)).blob(), samples[which])
  const trace = async (level = threshold) => {
    if (!picture) return
    setBusy(true)
    try {
      setTraced(
        await tracer().trace(picture, {
          scale: squaring.scale,
          darkShape: darkShape === 'dark',
          leastMm2: DUST_MM2,
          threshold: level,
        }),
      )
    } finally {
      setBusy(false)
    }
  }
  return (
    <Modal open={open} onClose={onClose} title={t('trace.title')} description={t('trace.text')} wide>
      <div className="space-y-3">
        <div className="flex flex-wrap gap-2">
          <FilePicker
            accept="image/png,image/jpeg,image/webp"
            label={t('trace.open')}
            icon={<Upload aria-hidden size={18} />}
            onFile={(file) => void take(file, file.name)}
          />
          {(['scan', 'photo'] as const).map((which) => (
            <Button key={which} look="quiet" onClick={() => void sample(which)}>
              {t(`trace.sample.${which}`)}
            </Button>
          ))}
        </div>
        {refused && <Fault>{t('trace.refused')}</Fault>}
        {picture && (
          <>
            <p>{t(`trace.lay.${squaring.by}`)}</p>
            <Corners
              picture={picture}
              address={squaring.address}
              points={squaring.points}
              closed={squaring.by === 'sheet'}
              onChange={(points) => {
                squaring.setPoints(points)
                setTraced(undefined)
              }}
            />
            <ScaleFields squaring={squaring} />
            <div className="flex flex-wrap items-end gap-3">
              <Choice
                label={t('trace.shape')}
                value={darkShape}
                options={(['dark', 'light'] as const).map((each) => ({
                  value: each,
                  text: t(`trace.shapeIs.${each}`),
                }))}
                onChange={setDark}
              />
              <Button look={traced?.ok ? 'plain' : 'next'} disabled={busy} onClick={() => void trace()}>
                {busy ? t('trace.working') : t('trace.do')}
              </Button>
            </div>
          </>
        )}
        {traced && !traced.ok && <Fault>{t(`trace.fault.${traced.fault}`)}</Fault>}
        {traced?.ok && (
          <TracedOutline
            traced={traced}
            threshold={threshold}
            onThreshold={(level) => {
              setThreshold(level)
              void trace(level)
            }}
            onTake={() => onTraced(traced.lines, traced.view, squaring.name)}
          />
        )}
      </div>
    </Modal>
  )
}
