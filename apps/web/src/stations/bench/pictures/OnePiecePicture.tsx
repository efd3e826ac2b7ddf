import { useTranslation } from 'react-i18next'
import type { ShownStep } from '../steps/step.js'
import { DieOnSheet, Tape } from './DieOnSheet.js'

/** A pencil mark at a corner of the die. */
const Corner = ({ x, y }: { readonly x: number; readonly y: number }) => (
  <path
    d={`M${x} ${y - Math.sign(y) * 7}V${y}H${x - Math.sign(x) * 7}`}
    fill="none"
    stroke="var(--color-ink-soft)"
    strokeWidth={1}
  />
)

/** The one piece: marks at the die's corners, and tape on all four sides. */
export const OnePiecePicture: ShownStep<'one-piece'> = ({ request: { cut } }) => {
  const { t } = useTranslation()
  return (
    <DieOnSheet die={cut.dies[0]} said={t('bench.pictures.onePiece')}>
      {({ halfWidth, halfHeight }) => {
        const [x, y] = [halfWidth + 3, halfHeight + 3]
        return (
          <>
            {[-1, 1].flatMap((across) =>
              [-1, 1].map((along) => <Corner key={`${across} ${along}`} x={across * x} y={along * y} />),
            )}
            <Tape x={-x} y={0} />
            <Tape x={x} y={0} />
            <Tape x={0} y={-y} upright />
            <Tape x={0} y={y} upright />
          </>
        )
      }}
    </DieOnSheet>
  )
}
