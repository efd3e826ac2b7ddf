import { type BladeSide, type Card, edgesOf, liesMirrored, type PlacedRun } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'
import { Why } from '../../ui/Why.js'

/** Where a die is laid: from edge to edge, as a hand can lay it; the exact figures when asked. */
const DieStep = ({
  laid,
  name,
  size,
}: {
  readonly laid: PlacedRun['dies'][number]
  readonly name: string
  readonly size: { readonly lengthMm: number; readonly widthMm: number } | undefined
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const turn = laid.rotationDeg === 0 ? '' : t('place.steps.turn', { angle: laid.rotationDeg })
  const exact = t('place.steps.exact', { x: lengths.place(laid.xMm), y: lengths.place(laid.yMm) })
  if (!size) return exact
  const { leftMm, topMm } = edgesOf(laid, size)
  return (
    <>
      {t('place.steps.die', { name, left: lengths.hand(leftMm), top: lengths.hand(topMm), turn })}{' '}
      <Why about={t('place.steps.exactAbout', { name })} shown={t('place.steps.exactShown')}>
        <p>{exact}</p>
        <p>{t('place.steps.exactEdges', { left: lengths.place(leftMm), top: lengths.place(topMm) })}</p>
      </Why>
    </>
  )
}

/** What to do with the card for one press run, in the order of doing it: pencil, dies, pad or block, and which edge leads. */
export const RunSteps = ({
  run,
  card,
  blade,
  nameOf,
  sizeOf,
  className,
}: {
  readonly run: PlacedRun
  readonly card: Card
  readonly blade: BladeSide
  /** A die's name by its id. */
  readonly nameOf: (dieId: string) => string
  /** A die's size unturned, mm; undefined where it is not known yet. */
  readonly sizeOf: (dieId: string) => { readonly lengthMm: number; readonly widthMm: number } | undefined
  readonly className?: string
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const at = (mm: number) => lengths.place(mm)
  const line = run.region === 'to-line' ? run.line : null
  return (
    <ol className={`list-decimal pl-8 ${className ?? ''}`}>
      {card.fold && <li>{t(run.goesIn === 'open' ? 'place.steps.open' : 'place.steps.folded')}</li>}
      {liesMirrored(run, blade) && <li>{t('place.steps.mirrored')}</li>}
      {line && (
        <li>
          {t('place.steps.pencil', {
            at: at(line.yMm),
            from: t('place.steps.top'),
            slant: line.angleDeg === 0 ? '' : t('place.steps.slant', { angle: line.angleDeg }),
          })}
        </li>
      )}
      {run.dies.map((laid) => (
        <li key={laid.id}>
          <DieStep laid={laid} name={nameOf(laid.dieId)} size={sizeOf(laid.dieId)} />
        </li>
      ))}
      {line && <li>{t('place.steps.pad', { side: t(`place.things.pressed.${line.presses}`) })}</li>}
      {run.region === 'under-block' &&
        run.blocks.map((block) => (
          <li key={block.id}>{t('place.steps.block', { x: at(block.xMm), y: at(block.yMm) })}</li>
        ))}
      <li>{t('place.steps.leads', { edge: t(`place.run.edges.${run.leads}`) })}</li>
    </ol>
  )
}
