import {
  type BladeSide,
  type Box,
  boxInPress,
  type Die,
  edgeMarksOf,
  edgesOf,
  isMarked,
  type LaidDie,
  liesMirrored,
  marksBefore,
  openSideOf,
  ownEdgeOf,
  type Placement,
} from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'
import { Why } from '../../ui/Why.js'
import { useSayMark } from './say-mark.js'

/** Where a die is laid: from edge to edge, as a hand can lay it; the exact figures when asked. */
const DieStep = ({
  laid,
  die,
  from,
  isShut,
}: {
  readonly laid: LaidDie
  /** Undefined where it is not known yet. */
  readonly die: Die | undefined
  /** What of the card lies there to be measured on, and whether that is its front alone. */
  readonly from: Box
  readonly isShut: boolean
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const turn = laid.rotationDeg === 0 ? '' : t('place.steps.turn', { angle: laid.rotationDeg })
  const { fromX, fromY } = from
  const exact = t('place.steps.exact', { x: lengths.place(laid.xMm - fromX), y: lengths.place(laid.yMm - fromY) })
  if (!die) return exact
  const { name } = die
  const edges = edgesOf(laid, die)
  const [leftMm, topMm] = [edges.leftMm - fromX, edges.topMm - fromY]
  return (
    <>
      {t(isShut ? 'place.steps.dieShut' : 'place.steps.die', {
        name,
        left: lengths.hand(leftMm),
        top: lengths.hand(topMm),
        turn,
      })}{' '}
      <span className="print:hidden">
        <Why about={t('place.steps.exactAbout', { name })} shown={t('place.steps.exactShown')}>
          <p>{exact}</p>
          <p>{t('place.steps.exactEdges', { left: lengths.place(leftMm), top: lengths.place(topMm) })}</p>
        </Why>
      </span>
    </>
  )
}

/** What to do with the card for one press run, in the order of doing it: pencil, dies, pad or block, and which edge leads. */
export const RunSteps = ({
  placement,
  at,
  blade,
  held,
  dieOf,
  className,
}: {
  readonly placement: Placement
  /** The run, by its place. */
  readonly at: number
  readonly blade: BladeSide
  /** What keeps the dies where they lie. */
  readonly held: 'magnet' | 'tape'
  /** A die by its id; undefined where it is not known yet. */
  readonly dieOf: (dieId: string) => Die | undefined
  readonly className?: string
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const sayMark = useSayMark()
  const { card, runs } = placement
  const run = runs[at]
  if (!run) return null
  const line = run.region === 'to-line' ? run.line : null
  const own = ownEdgeOf(run, runs)
  const marks = line && !own ? edgeMarksOf(line, card) : undefined
  const isFolded = card.fold !== null && run.goesIn === 'folded'
  const side = line ? t(`place.things.pressed.${line.presses}`) : ''
  return (
    <ol className={`list-decimal pl-8 ${className ?? ''}`}>
      {card.fold && <li>{t(isFolded ? 'place.steps.folded' : 'place.steps.open')}</li>}
      {liesMirrored(run, blade) && <li>{t('place.steps.mirrored')}</li>}
      {marks && <li>{t('place.steps.pencil', { one: sayMark(marks[0]), other: sayMark(marks[1]) })}</li>}
      {marksBefore(runs, at).map(({ laid, inRun }) => {
        const die = dieOf(laid.dieId)
        if (!die) return null
        const { leftMm, topMm } = edgesOf(laid, die)
        const said = { name: die.name, run: inRun + 1, left: lengths.hand(leftMm), top: lengths.hand(topMm) }
        return <li key={laid.id}>{t('place.steps.sideMark', said)}</li>
      })}
      {run.dies.map((laid) => (
        <li key={laid.id}>
          <DieStep laid={laid} die={dieOf(laid.dieId)} from={boxInPress(card, run)} isShut={isFolded} />
          {isMarked(runs, at, laid) && <> {t('place.steps.atMark')}</>}
          {held === 'tape' && !isFolded && <> {t('place.steps.tape')}</>}
        </li>
      ))}
      {held === 'magnet' && <li>{t('place.steps.magnet')}</li>}
      {isFolded && (
        <li>
          {t(
            run.dies.some(({ dieId }) => openSideOf(dieOf(dieId)?.outline.lines ?? []))
              ? 'place.steps.foldOut'
              : 'place.steps.foldOver',
          )}
        </li>
      )}
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
      <li>
        {isFolded && run.leads === (card.fold?.runs === 'level' ? 'top' : 'left')
          ? t('place.steps.leadsFold')
          : t('place.steps.leads', { edge: t(`place.run.edges.${run.leads}`) })}
      </li>
    </ol>
  )
}
