import { borderMarks, FROM_STRIP_EDGE_MM } from '@bold-heron/core'
import { runInHandOf } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { TemplateDrawing } from '../../../drawing/template/TemplateDrawing.js'
import { joinsOf, ribbonOf } from '../ribbon-of.js'
import type { AtBench } from '../steps/step.js'

/** The strip with the kerfs so far, and the mark where the die starts next. */
const Strip = ({ job, request, laid, edge }: Pick<AtBench, 'job' | 'request'> & { laid: number; edge: number }) => {
  const { t } = useTranslation()
  const { border } = runInHandOf(job)
  if (!border) return null
  const cuts = ribbonOf(border, request.cut.dies)[edge]?.cuts ?? []
  const strip = { lengthMm: border.stripLengthMm, widthMm: border.stripWidthMm, wantedEndMm: border.stripLengthMm }
  const feedsFrom = border.feed === 'joined-end' ? 'start' : 'end'
  const part = {
    lines: request.cut.dies[0]?.outline.lines ?? [],
    fromEdgeMm: border.edges === 'both' ? FROM_STRIP_EDGE_MM : undefined,
    isTurned: edge === 1,
  }
  const kerfs = borderMarks(strip, { ...part, cuts: cuts.slice(0, laid) }, feedsFrom)
  const next = cuts.slice(laid, laid + 1)
  const marks = borderMarks(strip, { ...part, cuts: next, lines: [] }, feedsFrom).filter(
    ({ part: is }) => is === 'pencil',
  )
  // A long strip is shown on end, as there is more room that way.
  const upright = [...kerfs.filter(({ part }) => part !== 'pencil'), ...marks].map(({ part, line }) => ({
    part,
    line: Array.from(line, (_, at) => line[at % 2 === 0 ? at + 1 : at - 1] as number),
  }))
  return (
    <TemplateDrawing
      lines={upright}
      spoken={t('bench.border.picture', { count: laid })}
      className="mx-auto h-[26rem] max-w-full"
    />
  )
}

/** Before the first cut, with all that is to come still to be cut. */
export const BorderMarksPicture = (at: AtBench) => <Strip {...at} laid={0} edge={0} />

/** At a further cut: what is cut so far, and where the next one starts. */
export const BorderCutPicture = ({ step, ...at }: AtBench & { readonly step: { readonly join: number } }) => {
  const { border } = runInHandOf(at.job)
  const join = border && joinsOf(border, at.request.cut.dies)[step.join]
  return join ? <Strip {...at} laid={join.cut} edge={join.edge} /> : null
}
