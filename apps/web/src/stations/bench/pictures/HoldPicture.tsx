import { holdsBy } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import type { ShownStep } from '../steps/step.js'
import { DieOnSheet, Tape } from './DieOnSheet.js'

/** Where the tape goes: over two edges of the die, clear of its line. */
export const HoldPicture: ShownStep<'hold'> = ({ stack, request: { cut } }) => {
  const { t } = useTranslation()
  return (
    <DieOnSheet die={cut.dies[0]} said={t('bench.pictures.hold')}>
      {({ halfWidth }) =>
        holdsBy(stack, cut) === 'tape' && (
          <>
            <Tape x={-halfWidth - 4} y={0} />
            <Tape x={halfWidth + 4} y={0} />
          </>
        )
      }
    </DieOnSheet>
  )
}
