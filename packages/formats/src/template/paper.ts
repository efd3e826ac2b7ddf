/** Paper sizes in mm, upright: A4 by ISO 216, Letter 8 1/2 × 11 in. */
export const papers = { a4: { widthMm: 210, heightMm: 297 }, letter: { widthMm: 215.9, heightMm: 279.4 } } as const
export type Paper = keyof typeof papers
export const paperNames = Object.keys(papers) as readonly Paper[]
