/** Papers that a chart is printed on, lying, mm: A4 and Letter to be read at arm's length, A3 from across the table. */
export const chartPapers = {
  a4: { widthMm: 297, heightMm: 210, figureMm: 2.2 },
  letter: { widthMm: 279.4, heightMm: 215.9, figureMm: 2.2 },
  a3: { widthMm: 420, heightMm: 297, figureMm: 4.5 },
} as const
export type ChartPaper = keyof typeof chartPapers
export const chartPaperNames = Object.keys(chartPapers) as readonly ChartPaper[]

/** Height of a figure as a share of its font's size: Helvetica's figures are 703/1000 em high (Adobe's font metrics of the core fonts). */
export const FIGURE_SHARE = 0.703
const MM_PER_POINT = 25.4 / 72

/** Font size in points whose figures are so many mm high, or a little more. */
export const pointsFor = (figureMm: number): number => Math.ceil((10 * figureMm) / FIGURE_SHARE / MM_PER_POINT) / 10

/** A page's own part of the grid. */
export interface ChartTile {
  readonly fromColumn: number
  readonly toColumn: number
  readonly fromRow: number
  readonly toRow: number
}

/** Sizes that a chart's parts have on a paper, mm; its figures never smaller than can be read. */
export interface ChartMeasures {
  readonly widthMm: number
  readonly heightMm: number
  readonly marginMm: number
  readonly points: number
  readonly lineMm: number
  readonly rowHeadMm: number
  readonly cellMm: number
  readonly footMm: number
  /** Of how to read it, beside the title. */
  readonly legendMm: number
}

/** How a grid is cut up into pages, and how large its parts are, mm. */
export interface ChartLayout extends ChartMeasures {
  readonly headMm: number
  readonly columnHeadMm: number
  /** Heights of the rows. */
  readonly rowMm: readonly number[]
  readonly tiles: readonly ChartTile[]
  /** mm down to where the last page's grid ends. */
  readonly endMm: number
}

const MARGIN_MM = 9
/** Lines that a title and what it is based on take, and what is left free round a row's lines. */
const TITLE_LINES = 3.2
const ROUND_ROW_LINES = 0.3
/** A cell is no more than so many times as wide as it has to be. */
const WIDEST_CELL = 1.6

/** Sizes for a chart of so many columns; `longest` is the width of the widest cell and of the widest row's name, in ems. */
export const measureChart = (
  paper: ChartPaper,
  columns: number,
  longest: { readonly cellEm: number; readonly rowEm: number },
): ChartMeasures => {
  const { widthMm, heightMm, figureMm } = chartPapers[paper]
  const points = pointsFor(figureMm)
  const emMm = points * MM_PER_POINT
  const lineMm = 1.25 * emMm
  const rowHeadMm = Math.min(Math.max(9, longest.rowEm + 1) * emMm, 0.3 * widthMm)
  const leastMm = Math.max(5.5, longest.cellEm + 0.6) * emMm
  const freeMm = widthMm - 2 * MARGIN_MM - rowHeadMm
  return {
    widthMm,
    heightMm,
    marginMm: MARGIN_MM,
    points,
    lineMm,
    rowHeadMm,
    // Where all columns go on one page they share what room there is, so that their heads take fewer lines.
    cellMm: Math.max(leastMm, Math.min(WIDEST_CELL * leastMm, freeMm / Math.max(1, columns))),
    footMm: 1.6 * lineMm,
    legendMm: 0.64 * (widthMm - 2 * MARGIN_MM),
  }
}

/** How many lines the parts of a chart take, in the widths that they have. */
export interface ChartLines {
  readonly legend: number
  readonly columnHead: number
  readonly rows: readonly number[]
}

/** The most lines that a row and a column's head may have, so that a page has room for both. */
export const mostLines = ({
  heightMm,
  lineMm,
}: ChartMeasures): { readonly row: number; readonly columnHead: number } => ({
  row: Math.floor((0.42 * heightMm) / lineMm),
  columnHead: Math.floor((0.2 * heightMm) / lineMm),
})

/** Lays a grid on pages, row by row as high as its lines take. */
export const layOutChart = (measures: ChartMeasures, columns: number, lines: ChartLines): ChartLayout => {
  const { widthMm, heightMm, rowHeadMm, cellMm, lineMm, footMm } = measures
  const headMm = Math.max(TITLE_LINES, lines.legend + 0.6) * lineMm
  const columnHeadMm = (lines.columnHead + 0.6) * lineMm
  const rowMm = lines.rows.map((count) => (count + ROUND_ROW_LINES) * lineMm)
  const freeWide = widthMm - 2 * MARGIN_MM - rowHeadMm
  const freeHigh = heightMm - 2 * MARGIN_MM - headMm - columnHeadMm - footMm
  const across = Math.max(1, Math.floor(freeWide / cellMm + 1e-9))
  const tiles: ChartTile[] = []
  let endMm = 0
  for (let fromRow = 0, toRow: number; fromRow < rowMm.length; fromRow = toRow) {
    endMm = 0
    for (toRow = fromRow; toRow < rowMm.length; toRow++) {
      const nextMm = endMm + (rowMm[toRow] as number)
      if (toRow > fromRow && nextMm > freeHigh + 1e-9) break
      endMm = nextMm
    }
    for (let fromColumn = 0; fromColumn < columns; fromColumn += across)
      tiles.push({ fromColumn, toColumn: Math.min(columns, fromColumn + across), fromRow, toRow })
  }
  return { ...measures, headMm, columnHeadMm, rowMm, tiles, endMm: MARGIN_MM + headMm + columnHeadMm + endMm }
}
