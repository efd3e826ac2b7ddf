/** Inch rulers are marked in these: sixteenths as a rule, thirty-seconds on request. */
export type FractionDenominator = 16 | 32

const vulgarFractions: Readonly<Record<string, readonly [number, number]>> = {
  '¼': [1, 4],
  '½': [1, 2],
  '¾': [3, 4],
  '⅐': [1, 7],
  '⅑': [1, 9],
  '⅒': [1, 10],
  '⅓': [1, 3],
  '⅔': [2, 3],
  '⅕': [1, 5],
  '⅖': [2, 5],
  '⅗': [3, 5],
  '⅘': [4, 5],
  '⅙': [1, 6],
  '⅚': [5, 6],
  '⅛': [1, 8],
  '⅜': [3, 8],
  '⅝': [5, 8],
  '⅞': [7, 8],
}

/** Rewrites unicode fractions (`1¼`, `1 3⁄8`) as plain ones with a slash and a space before (`1 1/4`). */
export const plainFractions = (text: string): string => {
  let plain = text.replace(/\u2044|\u2215/g, '/')
  for (const [sign, [over, under]] of Object.entries(vulgarFractions))
    plain = plain.replaceAll(sign, ` ${over}/${under}`)
  return plain
}

const greatestCommonDivisor = (a: number, b: number): number => (b === 0 ? a : greatestCommonDivisor(b, a % b))

/** A non-negative quantity as `1 3/16`, rounded to the nearest 1/denominator and reduced; `0` for nothing. */
export const mixedNumber = (quantity: number, denominator: FractionDenominator): string => {
  const parts = Math.round(quantity * denominator)
  const whole = Math.floor(parts / denominator)
  const rest = parts % denominator
  if (rest === 0) return String(whole)
  const divisor = greatestCommonDivisor(rest, denominator)
  const fraction = `${rest / divisor}/${denominator / divisor}`
  return whole === 0 ? fraction : `${whole} ${fraction}`
}
