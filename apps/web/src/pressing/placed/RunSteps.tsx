import {
  type BladeSide,
  edgeMarksOf,
  edgesOf,
  isMarked,
  type LaidDie,
  liesMirrored,
  marksBefore,
  ownEdgeOf,
  type Placement,
} from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'
import { Why } from '../../ui/Why.js'
import { useSayMark } from './say-mark.js'

/** A die's size unturned, mm. */
export interface LaidSize {
  readonly lengthMm: number
  readonly widthMm: number
}

/** Where a die is laid: from edge to edge, as a hand can lay it; the exact figures when asked. */
const DieStep = ({
  laid,
  name,
  size,
}: {
  readonly laid: LaidDie
  readonly name: string
  readonly size: LaidSize | undefined
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

/** The pencil line between its two marks on the card's edges, or the plate's own edge beside another run's line. */
const LineSteps = ({ placement, at }: { readonly placement: Placement; readonly at: number }) => {
  const { t } = useTranslation()
  const sayMark = useSayMark()
  const run = placement.runs[at]
  const marks = run?.line && !ownEdgeOf(run, placement.runs) ? edgeMarksOf(run.line, placement.card) : undefined
  if (!marks) return null
  return <li>{t('place.steps.pencil', { one: sayMark(marks[0]), other: sayMark(marks[1]) })}</li>
}

/** What to do with the card for one press run, in the order of doing it: pencil, dies, pad or block, and which edge leads. */
export const RunSteps = ({
  placement,
  at,
  blade,
  held,
  nameOf,
  sizeOf,
  className,
}: {
  readonly placement: Placement
  /** The run, by its place. */
  readonly at: number
  readonly blade: BladeSide
  /** What keeps the dies where they lie. */
  readonly held: 'magnet' | 'tape'
  /** A die's name by its id. */
  readonly nameOf: (dieId: string) => string
  /** A die's size; undefined where it is not known yet. */
  readonly sizeOf: (dieId: string) => LaidSize | undefined
  readonly className?: string
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const { card, runs } = placement
  const run = runs[at]
  if (!run) return null
  const line = run.region === 'to-line' ? run.line : null
  const own = ownEdgeOf(run, runs)
  const isFolded = card.fold !== null && run.goesIn === 'folded'
  const side = line ? t(`place.things.pressed.${line.presses}`) : ''
  return (
    <ol className={`list-decimal pl-8 ${className ?? ''}`}>
      {card.fold && <li>{t(isFolded ? 'place.steps.folded' : 'place.steps.open')}</li>}
      {liesMirrored(run, blade) && <li>{t('place.steps.mirrored')}</li>}
      {line && <LineSteps placement={placement} at={at} />}
      {marksBefore(runs, at).map(({ laid, inRun }) => {
        const size = sizeOf(laid.dieId)
        const { leftMm, topMm } = size ? edgesOf(laid, size) : { leftMm: laid.xMm, topMm: laid.yMm }
        const said = { name: nameOf(laid.dieId), run: inRun + 1, left: lengths.hand(leftMm), top: lengths.hand(topMm) }
        return <li key={laid.id}>{t('place.steps.sideMark', said)}</li>
      })}
      {run.dies.map((laid) => (
        <li key={laid.id}>
          <DieStep laid={laid} name={nameOf(laid.dieId)} size={sizeOf(laid.dieId)} />
          {isMarked(runs, at, laid) && <> {t('place.steps.atMark')}</>}
          {held === 'tape' && !isFolded && <> {t('place.steps.tape')}</>}
        </li>
      ))}
      {held === 'magnet' && <li>{t('place.steps.magnet')}</li>}
      {isFolded && held === 'tape' && <li>{t('place.steps.tapes')}</li>}
      {line && !own && (
        <li>
          {t('place.steps.pad', { side })} {t('place.steps.pinch')}
        </li>
      )}
      {own && <li>{t('place.steps.ownEdge', { above: lengths.hand(own.aboveMm), side })}</li>}
      {run.region === 'under-block' &&
        run.blocks.map((block) => (
          <li key={block.id}>{t('place.steps.block', { x: lengths.place(block.xMm), y: lengths.place(block.yMm) })}</li>
        ))}
      <li>{t('place.steps.leads', { edge: t(`place.run.edges.${run.leads}`) })}</li>
    </ol>
  )
}
