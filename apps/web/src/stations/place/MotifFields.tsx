import { useLengths } from '../../text/lengths.js'
import { editMotif, insidePlace, type Motif, takeThing } from '@bold-heron/core'
import { X } from 'lucide-react'
import { lazy, Suspense, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Button, IconButton } from '../../ui/Button.js'
import { Choice } from '../../ui/Choice.js'
import { dataAddressOf } from '../../ui/data-address.js'
import { FilePicker } from '../../ui/FilePicker.js'
import { useSay } from '../../ui/toasts.js'
import { LengthInput, NumberInput } from '../../ui/form/LengthInput.js'
import type { PanelProps } from './panel-props.js'

const SquareUpDialog = lazy(() =>
  import('./SquareUpDialog.js').then(({ SquareUpDialog: dialog }) => ({ default: dialog })),
)

/** Signs of a data address: the server keeps no larger picture with a job, about 3 MB. */
const LONGEST_ADDRESS = 4_000_000
const KINDS = ['image/png', 'image/jpeg', 'image/webp', 'image/svg+xml']
/** mm. How large a picture is laid at first. */
const FIRST_MM = 60

const proportionOf = (address: string): Promise<number> =>
  new Promise((resolve, reject) => {
    const image = new Image()
    image.onload = () => resolve(image.naturalHeight > 0 ? image.naturalWidth / image.naturalHeight : 1)
    image.onerror = () => reject(new Error('no picture'))
    image.src = address
  })

/** A printed or stamped picture that the dies are placed by, on the front or seen through a window. */
export const MotifFields = ({ placement, onChange, onSelect }: PanelProps) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const say = useSay()
  const { motif, card } = placement
  const [isSquaring, setSquaring] = useState(false)
  const lay = (picture: string, name: string, widthMm: number, heightMm: number) => {
    if (picture.length > LONGEST_ADDRESS) return say(t('place.things.motifTooLarge'), { tone: 'danger' })
    const made: Motif = {
      name: name.slice(0, 100),
      xMm: card.widthMm / 2,
      yMm: card.heightMm / 2,
      widthMm,
      heightMm,
      rotationDeg: 0,
      on: 'front',
      picture,
    }
    onChange((now) => ({ ...now, motif: made }))
    onSelect({ is: 'motif' })
  }
  const open = async (file: File) => {
    if (!KINDS.includes(file.type)) return say(t('place.things.motifNot'), { tone: 'danger' })
    try {
      const picture = await dataAddressOf(file)
      lay(picture, file.name, FIRST_MM, FIRST_MM / (await proportionOf(picture)))
    } catch {
      say(t('place.things.motifNot'), { tone: 'danger' })
    }
  }
  const inside = motif?.on === 'inside' ? insidePlace(card, motif) : undefined
  return (
    <section className="space-y-1">
      <h2 className="font-bold text-base">{t('place.things.motifTitle')}</h2>
      {motif ? (
        <>
          <div className="flex items-center gap-1">
            <span className="flex-1">{motif.name}</span>
            <IconButton
              label={t('place.things.take', { name: motif.name })}
              onClick={() => onChange(takeThing({ is: 'motif' }))}
            >
              <X aria-hidden size={16} />
            </IconButton>
          </div>
          <div className="flex flex-wrap gap-2">
            <LengthInput label={t('place.things.x')} mm={motif.xMm} onChange={(xMm) => onChange(editMotif({ xMm }))} />
            <LengthInput label={t('place.things.y')} mm={motif.yMm} onChange={(yMm) => onChange(editMotif({ yMm }))} />
            <LengthInput
              label={t('place.things.width')}
              mm={motif.widthMm}
              leastMm={1}
              onChange={(widthMm) =>
                onChange(editMotif({ widthMm, heightMm: (motif.heightMm * widthMm) / motif.widthMm }))
              }
            />
            <NumberInput
              label={t('place.things.turn')}
              value={motif.rotationDeg}
              step={1}
              least={-180}
              most={180}
              onChange={(rotationDeg) => onChange(editMotif({ rotationDeg }), 'turn motif')}
            />
          </div>
          {card.fold && (
            <div className="flex flex-wrap items-center gap-2">
              <span>{t('place.things.motifOn')}</span>
              <Choice
                label={t('place.things.motifOn')}
                value={motif.on}
                options={(['front', 'inside'] as const).map((on) => ({
                  value: on,
                  text: t(`place.things.motifOns.${on}`),
                }))}
                onChange={(on) => onChange(editMotif({ on }))}
              />
            </div>
          )}
          {inside && (
            <p className="text-sm">
              {t('place.things.insideAt', { x: lengths.place(inside.xMm), y: lengths.place(inside.yMm) })}
            </p>
          )}
        </>
      ) : (
        <div className="flex flex-wrap gap-2">
          <FilePicker accept={KINDS.join(',')} label={t('place.things.addMotif')} onFile={(file) => void open(file)} />
          <Button onClick={() => setSquaring(true)}>{t('trace.squareUp')}</Button>
        </div>
      )}
      {isSquaring && (
        <Suspense fallback={null}>
          <SquareUpDialog
            onClose={() => setSquaring(false)}
            onSquared={(picture, name, widthMm, heightMm) => {
              setSquaring(false)
              lay(picture, name, widthMm, heightMm)
            }}
          />
        </Suspense>
      )}
    </section>
  )
}
