import { Upload } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Button } from '../../ui/Button.js'
import { FilePicker } from '../../ui/FilePicker.js'
import { Modal } from '../../ui/Modal.js'
import { Corners } from '../../ui/square-up/Corners.js'
import { pictureAddress } from '../../ui/square-up/read-picture.js'
import { ScaleFields } from '../../ui/square-up/ScaleFields.js'
import { useSquareUp } from '../../ui/square-up/use-square-up.js'
import { tracer } from '../../workers/trace.js'
import { Fault } from '../../ui/Notice.js'

/** A camera picture squared up by four marks, as a picture of true size. */
export const SquareUpDialog = ({
  onClose,
  onSquared,
}: {
  readonly onClose: () => void
  readonly onSquared: (picture: string, name: string, widthMm: number, heightMm: number) => void
}) => {
  const { t } = useTranslation()
  const squaring = useSquareUp()
  const [fault, setFault] = useState<'refused' | 'no-sheet'>()
  const { picture } = squaring
  const open = async (file: File) => {
    setFault(undefined)
    try {
      await squaring.open(file, file.name)
    } catch {
      setFault('refused')
    }
  }
  const use = async () => {
    const square = picture && (await tracer().square(picture, squaring.scale))
    if (!square) return setFault('no-sheet')
    const { width, height, pixelsPerMm } = square
    onSquared(await pictureAddress(square), squaring.name, width / pixelsPerMm, height / pixelsPerMm)
  }
  return (
    <Modal open onClose={onClose} title={t('trace.squareTitle')} description={t('trace.squareText')} wide>
      <div className="space-y-3">
        <FilePicker
          accept="image/png,image/jpeg,image/webp"
          label={t('trace.open')}
          icon={<Upload aria-hidden size={18} />}
          onFile={(file) => void open(file)}
        />
        {fault && <Fault>{t(fault === 'refused' ? 'trace.refused' : 'trace.fault.no-sheet')}</Fault>}
        {picture && (
          <>
            <Corners
              picture={picture}
              address={squaring.address}
              points={squaring.points}
              closed={squaring.by === 'sheet'}
              onChange={squaring.setPoints}
            />
            <ScaleFields squaring={squaring} />
            <Button look="next" onClick={() => void use()}>
              {t('trace.squareDo')}
            </Button>
          </>
        )}
      </div>
    </Modal>
  )
}
