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

/** How a grid is cut up into pages, and how large its parts are, mm; never smaller than can be read. */
export interface ChartLayout {
  readonly widthMm: number
  readonly heightMm: number
  readonly marginMm: number
  readonly points: number
  readonly lineMm: number
  readonly headMm: number
  readonly rowHeadMm: number
  readonly columnHeadMm: number
  readonly cellMm: readonly [width: number, height: number]
  readonly footMm: number
  readonly tiles: readonly ChartTile[]
  /** mm down to where the last page's grid ends. */
  readonly endMm: number
}

const MARGIN_MM = 9

/** Lays a grid of so many rows and columns on pages; `longest` is the width of the widest cell and of the widest row's name, in ems. */
export const layOutChart = (
  paper: ChartPaper,
  rows: number,
  columns: number,
  longest: { readonly cellEm: number; readonly rowEm: number },
): ChartLayout => {
  const { widthMm, heightMm, figureMm } = chartPapers[paper]
  const points = pointsFor(figureMm)
  const emMm = points * MM_PER_POINT
  const lineMm = 1.25 * emMm
  const headMm = 3.2 * lineMm
  const columnHeadMm = 3.3 * lineMm
  const footMm = 2.6 * lineMm
  const rowHeadMm = Math.min(Math.max(9, longest.rowEm + 1) * emMm, 0.3 * widthMm)
  const cellMm = [Math.max(5.5, longest.cellEm + 0.9) * emMm, 3.35 * lineMm] as const
  const freeWide = widthMm - 2 * MARGIN_MM - rowHeadMm
  const freeHigh = heightMm - 2 * MARGIN_MM - headMm - columnHeadMm - footMm
  const across = Math.max(1, Math.floor(freeWide / cellMm[0] + 1e-9))
  const down = Math.max(1, Math.floor(freeHigh / cellMm[1] + 1e-9))
  const tiles: ChartTile[] = []
  for (let fromRow = 0; fromRow < rows; fromRow += down)
    for (let fromColumn = 0; fromColumn < columns; fromColumn += across)
      tiles.push({
        fromColumn,
        toColumn: Math.min(columns, fromColumn + across),
        fromRow,
        toRow: Math.min(rows, fromRow + down),
      })
  const last = tiles.at(-1)
  return {
    widthMm,
    heightMm,
    marginMm: MARGIN_MM,
    points,
    lineMm,
    headMm,
    rowHeadMm,
    columnHeadMm,
    cellMm,
    footMm,
    tiles,
    endMm: MARGIN_MM + headMm + columnHeadMm + (last ? last.toRow - last.fromRow : 0) * cellMm[1],
  }
}
