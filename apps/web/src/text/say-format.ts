import type { Format } from '@bold-heron/formats'

/** Formats go by the letters of their files in every language. */
export const sayFormat = ({ ending }: Format): string => ending.toUpperCase()

/** "SVG or DXF". */
export const sayFormats = (language: string, formats: readonly Format[]): string =>
  new Intl.ListFormat(language, { type: 'disjunction' }).format(formats.map(sayFormat))
