import { type TemplateLine, type TemplatePart, templateParts } from '@bold-heron/core'

/** How a part's lines are drawn, told apart in black print: width and dashes in mm. */
export interface Stroke {
  readonly widthMm: number
  /** Dash, gap, … ; empty for a solid line. */
  readonly dashes: readonly number[]
}

export const strokes: Readonly<Record<TemplatePart, Stroke>> = {
  card: { widthMm: 0.35, dashes: [] },
  score: { widthMm: 0.3, dashes: [6, 1.5, 1, 1.5] },
  die: { widthMm: 0.25, dashes: [] },
  uncut: { widthMm: 0.2, dashes: [0.6, 1] },
  pencil: { widthMm: 0.25, dashes: [8, 2] },
  pad: { widthMm: 0.3, dashes: [3, 3] },
  block: { widthMm: 0.55, dashes: [2, 1] },
  guide: { widthMm: 0.3, dashes: [1.5, 1.5] },
  knife: { widthMm: 0.8, dashes: [] },
  motif: { widthMm: 0.2, dashes: [0.4, 2] },
}

/** Words for a template, in the user's language. */
export interface TemplateWords {
  readonly title: string
  /** The legend's word for each part. */
  readonly parts: Readonly<Record<TemplatePart, string>>
  /** Said beside the bars that show whether it was printed at true size. */
  readonly check: string
  /** Which way the card is seen. */
  readonly seen: string
  /** Said where pages are to be joined. */
  readonly join: string
}

/** The parts that a template has lines of, in their order. */
export const partsIn = (lines: readonly TemplateLine[]): TemplatePart[] =>
  templateParts.filter((part) => lines.some((each) => each.part === part))
