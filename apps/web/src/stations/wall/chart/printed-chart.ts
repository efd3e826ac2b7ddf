import type { PlateKind } from '@bold-heron/core'
import type { Fill, PrintedCell, PrintedChart, PrintedLayer } from '@bold-heron/formats'
import type { ChartAnswer, ChartCellAnswer, ComputedChart } from '@bold-heron/schema'
import type { TFunction } from 'i18next'
import { sayDay } from '../../../text/dates.js'
import type { Lengths } from '../../../text/lengths.js'
import { alikeIn, joinedNames } from './alike.js'
import { platesOfChart, sayColumn, sayFeel, sayPasses, sayRow, sayShims } from './said.js'

/** How a kind of plate is filled in print, in black. */
const fills: Readonly<Partial<Record<PlateKind, Fill>>> = {
  platform: 'wood',
  spacer: 'slant',
  'cutting-pad': 'dots',
  'hard-plate': 'cross',
  'soft-mat': 'plus',
  'embossing-mat': 'waves',
}

const cellOf = (t: TFunction<'app'>, chart: ChartAnswer, cell: ChartCellAnswer, lengths: Lengths): PrintedCell => ({
  base: cell.base === undefined ? undefined : cell.base + 1,
  lines:
    cell.is === 'empty'
      ? [t(`wall.whyShort.${cell.why ?? 'not-sure'}`)]
      : cell.is === 'own'
        ? [`${t('wall.cell.ownShort')} ${sayPasses(cell)}`, '', sayFeel(t, cell)]
        : [sayPasses(cell), sayShims(cell.shimIds, chart, lengths), sayFeel(t, cell)],
  caution: (cell.figures?.cautions.length ?? 0) > 0,
  better: cell.better.length > 0,
})

type ChartRowOf = ChartAnswer['rows'][number]
type ChartColumnOf = ChartAnswer['columns'][number]

/** Thicknesses of columns, thinnest first, the unit once. */
const sayThicknesses = (columns: readonly ChartColumnOf[], lengths: Lengths): string => {
  const mm = [...new Set(columns.map(({ thicknessMm }) => thicknessMm))].sort((a, b) => a - b)
  const bare = [...new Set(mm.map(lengths.bare))]
  return [...bare.slice(0, -1), lengths.thickness(mm.at(-1) ?? 0)].join(', ')
}

/** A chart as it is printed: in black, told by shapes, numbers and words; what says the same is one row, or one column. */
export const printedChart = (
  t: TFunction<'app'>,
  lengths: Lengths,
  title: string,
  { chart, at }: ComputedChart,
): Omit<PrintedChart, 'page'> => {
  const plates = platesOfChart(chart)
  const alike = alikeIn(chart)
  const shims = [...new Set(chart.cells.flat().flatMap(({ shimIds }) => shimIds))]
  const layersOf = (base: ChartAnswer['bases'][number]): PrintedLayer[] =>
    base.stack.flatMap((layer, place): PrintedLayer[] => {
      if (layer.is === 'plate') {
        const plate = plates.get(layer.plateId)
        return plate
          ? [
              {
                name: plate.name,
                thickness: lengths.thickness(plate.thicknessMm),
                mm: plate.thicknessMm,
                fill: fills[plate.kind as PlateKind] ?? 'lines',
              },
            ]
          : []
      }
      const before = base.stack[place - 1]
      return before && before.is !== 'plate' ? [] : [{ name: t('wall.pressed'), thickness: '', mm: 0, fill: 'lines' }]
    })
  return {
    title,
    basis: [
      chart.pressName,
      t(`words.technique.${chart.technique}`),
      sayDay(at),
      t('wall.print.basedOn', { count: chart.basedOnRuns }),
    ].join(' · '),
    rows: alike.rowGroups.map((its) => joinedNames(its.flatMap((at) => sayRow(t, chart.rows[at] as ChartRowOf)))),
    columns: alike.columnGroups.map((its) => {
      const columns = its.map((at) => chart.columns[at] as ChartColumnOf)
      return [joinedNames(columns.map((column) => sayColumn(t, column, lengths)[0])), sayThicknesses(columns, lengths)]
    }),
    cells: alike.cells.map((row) => row.map((cell) => cellOf(t, chart, cell, lengths))),
    bases: chart.bases.map((base) => ({
      title: t('wall.baseSays', { count: base.cells, height: lengths.thickness(base.heightMm) }),
      layers: layersOf(base),
    })),
    legend: [
      t('wall.print.howCell'),
      ...(shims.length > 0
        ? [
            t('wall.print.shims', {
              shims: shims
                .map((id) => `${lengths.bare(plates.get(id)?.thicknessMm ?? 0)} ${plates.get(id)?.name ?? ''}`)
                .join(' · '),
            }),
          ]
        : []),
      t('wall.print.howMarks'),
      t('wall.print.stale'),
    ],
    foot: t('wall.print.booklet'),
  }
}

/** A chart as a table for a spreadsheet: a line a cell. */
export const tableOfChart = (t: TFunction<'app'>, chart: ChartAnswer): string[][] => {
  const plates = platesOfChart(chart)
  const nameOf = (id: string): string => plates.get(id)?.name ?? ''
  return [
    [
      'die',
      'sheet',
      'sheet_mm',
      'state',
      'base_stack',
      'shims',
      'passes',
      'chance',
      'effort',
      'squeeze_mm',
      'cautions',
      'better_alone_in',
      'stack_bottom_to_top',
    ],
    ...chart.rows.flatMap((row, at) =>
      chart.columns.map((column, place) => {
        const cell = chart.cells[at]?.[place] as ChartCellAnswer
        const { figures } = cell
        return [
          sayRow(t, row),
          column.name,
          String(column.thicknessMm),
          cell.is === 'empty' ? (cell.why ?? 'empty') : cell.is,
          cell.base === undefined ? '' : String(cell.base + 1),
          cell.shimIds.map(nameOf).join(' + '),
          figures ? String(figures.passes) : '',
          figures ? figures.chance.toFixed(3) : '',
          figures ? figures.effort.toFixed(2) : '',
          figures ? figures.squeezeMm.toFixed(2) : '',
          (figures?.cautions ?? []).join(' '),
          cell.better.join(' '),
          (cell.stack ?? []).map((layer) => (layer.is === 'plate' ? nameOf(layer.plateId) : layer.is)).join(' / '),
        ]
      }),
    ),
  ]
}
