import { isClosed, type Polyline } from '@bold-heron/core'

/** Decimals of a millimetre: finer than any die is made. */
const DECIMALS = 3

/** A number as short as it is exact to the micrometre. */
export const shortNumber = (value: number): string => String(Number(value.toFixed(DECIMALS)))

/** A polyline as path data; a closed one is closed with Z. */
export const pathData = (line: Polyline): string => {
  const closed = isClosed(line)
  const last = closed ? line.length - 2 : line.length
  let data = ''
  for (let at = 0; at < last; at += 2)
    data += `${at === 0 ? 'M' : 'L'}${shortNumber(line[at] as number)} ${shortNumber(line[at + 1] as number)}`
  return closed ? `${data}Z` : data
}

/** Text without the signs that mean something in XML. */
export const plainXml = (text: string): string => text.replace(/[<>&"]/g, ' ')
