import { averagedReadings, type MeasuredMm } from '@bold-heron/core'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { hasSerial } from '../../devices/serial-caliper.js'
import { useCaliper } from '../../devices/use-caliper.js'
import { Button } from '../Button.js'
import { Modal } from '../Modal.js'
import { Average, PiecesField, piecesOf } from './pile.js'
import { TypedReadings } from './TypedReadings.js'
import { Fault } from '../Notice.js'

/** Takes readings, typed or of a connected caliper, of one thing or of a pile of like things, and hands their average on. */
export const MeasureDialog = ({
  aboutMm,
  onTake,
  onClose,
}: {
  /** About how thick it is, for a simulated caliper. */
  readonly aboutMm: number
  readonly onTake: (thickness: MeasuredMm) => void
  readonly onClose: () => void
}) => {
  const { t } = useTranslation()
  const caliper = useCaliper()
  const [typed, setTyped] = useState('1')
  const pieces = piecesOf(typed)
  const isPile = pieces > 0
  const averaged = averagedReadings(caliper.readings, pieces)
  const typePieces = (text: string) => {
    setTyped(text)
    caliper.forget()
    if (piecesOf(text) > 0) caliper.hold(aboutMm * piecesOf(text))
  }
  return (
    <Modal open onClose={onClose} title={t('common.measure.title')} description={t('common.measure.text')}>
      {caliper.connection === 'connected' ? (
        <div className="space-y-3">
          <PiecesField typed={typed} onType={typePieces} />
          <div className="flex flex-wrap gap-2">
            <Button look="next" autoFocus disabled={!isPile} onClick={caliper.read}>
              {t('common.measure.read')}
            </Button>
            {caliper.readings.length > 0 && (
              <Button look="quiet" onClick={caliper.forget}>
                {t('common.measure.again')}
              </Button>
            )}
          </div>
          <ol className="flex flex-wrap gap-2" aria-label={t('common.measure.readings')}>
            {caliper.readings.map((mm, at) => (
              <li key={at} className="rounded bg-sunk px-2 py-0.5">
                {averaged?.counted[at] === false ? (
                  <del title={t('common.measure.misread')}>
                    {mm.toFixed(2)} <span className="sr-only">{t('common.measure.misread')}</span>
                  </del>
                ) : (
                  mm.toFixed(2)
                )}
              </li>
            ))}
          </ol>
          <Average averaged={averaged} onTake={onTake} />
        </div>
      ) : (
        <div className="flex flex-col gap-3">
          <TypedReadings onTake={onTake} />
          <p className="border-t border-line pt-3 font-bold">{t('common.measure.byCable')}</p>
          {caliper.connection === 'failed' && <Fault>{t('common.measure.failed')}</Fault>}
          {hasSerial() && (
            <Button className="self-start" onClick={caliper.connectSerial}>
              {t('common.measure.serial')}
            </Button>
          )}
          {caliper.hasSimulated && (
            <Button className="self-start" onClick={() => caliper.connectSimulated(aboutMm)}>
              {t('common.measure.simulated')}
            </Button>
          )}
          {!hasSerial() && !caliper.hasSimulated && <p>{t('common.measure.noWay')}</p>}
        </div>
      )}
    </Modal>
  )
}
