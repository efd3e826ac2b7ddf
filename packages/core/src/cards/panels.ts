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

/** A sheet as bases are cut from it: which way its fibres run along it. */
interface SheetForBases {
  readonly lengthMm: number
  readonly widthMm: number
  readonly grain: 'along-length' | 'along-width' | 'unknown'
}

/** A base as it lies flat and open, and which way its fold runs on it. */
interface OpenBase extends PanelSize {
  readonly fold: { readonly runs: 'upright' | 'level' } | null
}

/** How many bases come out of a sheet by straight cuts, and how their folds run to its fibres; undefined where none folds, or the fibres are not known. */
export interface BasesOfSheet {
  readonly pieces: number
  readonly fold: 'along-fibres' | 'across-fibres' | undefined
}

/**
 * Cuts a sheet up into bases, the better way round. A fold that runs along the fibres is sharp, one across them cracks, so a base lies with its
 * fold along them wherever one comes out like that. Common practice, no source.
 */
export const basesOfSheet = ({ lengthMm, widthMm, grain }: SheetForBases, base: OpenBase): BasesOfSheet => {
  const grid = (alongMm: number, acrossMm: number): number =>
    Math.floor(lengthMm / alongMm + 1e-9) * Math.floor(widthMm / acrossMm + 1e-9)
  const upright = grid(base.heightMm, base.widthMm)
  const level = grid(base.widthMm, base.heightMm)
  if (!base.fold || grain === 'unknown') return { pieces: Math.max(upright, level), fold: undefined }
  // An upright fold runs with the base's height.
  const foldWithLength = base.fold.runs === 'upright' ? upright : level
  const foldWithWidth = base.fold.runs === 'upright' ? level : upright
  const [along, across] = grain === 'along-length' ? [foldWithLength, foldWithWidth] : [foldWithWidth, foldWithLength]
  return along > 0 ? { pieces: along, fold: 'along-fibres' } : { pieces: across, fold: 'across-fibres' }
}
