import { feelOf } from '@bold-heron/core'
import type { ChartAnswer, ChartCellAnswer } from '@bold-heron/schema'
import type { TFunction } from 'i18next'
import type { Lengths } from '../../../text/lengths.js'
import { signChance } from '../../../text/say-cut.js'

/** Plates of a chart by id. */
export const platesOfChart = ({ plates }: ChartAnswer): ReadonlyMap<string, ChartAnswer['plates'][number]> =>
  new Map(plates.map((plate) => [plate.id, plate]))

/** Shims as they are added up: `+0.10 +0.31`. */
export const sayShims = (shimIds: readonly string[], chart: ChartAnswer, lengths: Lengths): string => {
  const plates = platesOfChart(chart)
  return shimIds.map((id) => `+${lengths.bare(plates.get(id)?.thicknessMm ?? 0)}`).join(' ')
}

/** Passes of a cell: `2×`. */
export const sayPasses = (cell: ChartCellAnswer): string => `${cell.figures?.passes ?? '?'}×`

/** Feel and chance of a cell, in as few signs as may be. */
export const sayFeel = (t: TFunction<'app'>, { figures }: ChartCellAnswer): string =>
  figures ? `${t(`wall.feel.${feelOf(figures.effort)}`)} ${signChance(t, figures.chance)} %` : ''

/** A thickness or a sheet at the head of a column. */
export const sayColumn = (
  t: TFunction<'app'>,
  column: ChartAnswer['columns'][number],
  lengths: Lengths,
): readonly [name: string, thickness: string] => [
  column.id.startsWith('card ') ? t('wall.plainCard') : column.name,
  lengths.thickness(column.thicknessMm),
]

/** A die, or a kind of die as it usually is, at the head of a row. */
export const sayRow = (t: TFunction<'app'>, row: ChartAnswer['rows'][number]): string =>
  row.id.startsWith('usual ') ? t(`words.dieClass.${row.dieClass}`) : row.name

/** A cell in one sentence, for whoever does not see the grid. */
export const sayCell = (t: TFunction<'app'>, chart: ChartAnswer, cell: ChartCellAnswer, lengths: Lengths): string => {
  if (cell.is === 'empty') return t(`wall.why.${cell.why ?? 'not-sure'}`)
  const figures = `${t('wall.cell.passes', { count: cell.figures?.passes ?? 1 })}, ${sayFeel(t, cell)}`
  if (cell.is === 'own') return `${t('wall.cell.own')}, ${figures}`
  const shims = cell.shimIds.length > 0 ? ` ${sayShims(cell.shimIds, chart, lengths)}` : ''
  return `${t('wall.cell.base', { number: (cell.base ?? 0) + 1 })}${shims}, ${figures}`
}
