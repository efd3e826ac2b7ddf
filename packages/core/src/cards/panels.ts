/** A panel's width and height, mm. */
export interface PanelSize {
  readonly widthMm: number
  readonly heightMm: number
}

/** A mat that leaves the same margin of the panel in view on three sides, and its own at the foot, mm. Undefined where nothing would be left of it. */
export const matOf = (
  panelWidthMm: number,
  panelHeightMm: number,
  marginMm: number,
  footMm = marginMm,
): PanelSize | undefined => {
  const [widthMm, heightMm] = [panelWidthMm - 2 * marginMm, panelHeightMm - marginMm - footMm]
  return widthMm > 0 && heightMm > 0 ? { widthMm, heightMm } : undefined
}

/** mm. A card thicker than this folds on two scores. From memory. */
const DOUBLE_SCORE_FROM_MM = 0.35

/** Where a card is scored for a fold, mm along it: once, or for thick card twice, its caliper apart. */
export const scoresFor = (foldMm: number, caliperMm: number): readonly number[] =>
  caliperMm > DOUBLE_SCORE_FROM_MM ? [foldMm - caliperMm / 2, foldMm + caliperMm / 2] : [foldMm]

/** How many pieces a sheet is cut up into by straight cuts, the better way round: for pieces whose grain must not turn, only as they lie. */
export const cutUp = (
  sheet: PanelSize,
  piece: PanelSize,
  mayTurn: boolean,
): { readonly pieces: number; readonly turned: boolean } => {
  const grid = (widthMm: number, heightMm: number): number =>
    Math.floor(sheet.widthMm / widthMm + 1e-9) * Math.floor(sheet.heightMm / heightMm + 1e-9)
  const asItLies = grid(piece.widthMm, piece.heightMm)
  const turned = mayTurn ? grid(piece.heightMm, piece.widthMm) : 0
  return turned > asItLies ? { pieces: turned, turned: true } : { pieces: asItLies, turned: false }
}
