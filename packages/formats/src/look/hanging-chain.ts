import { SAMPLE_MM, type Samples } from './samples.js'
import type { Profiles } from './profiles.js'
import { quantile } from './quantile.js'

/** What the two kinds of line look like, learnt from the picture itself. */
interface Kinds {
  readonly hung: { readonly mean: number; readonly spread: number }
  readonly cut: { readonly mean: number; readonly spread: number }
  /** How far the two are apart, in spreads of chance alone. */
  readonly apart: number
  /** Which share of the line shows light. */
  readonly share: number
}

/** From so many spreads above what chance makes stand out on it is light. */
const SURELY = 4
/** A line is light in this share of it at the least, or there is nothing to learn from what light looks like. */
const LEAST_LIGHT = 0.02
/** mm. So long is a stretch that hangs or is cut, on average. From memory. */
const STRETCH_MM = 15
/** Chance that a sample is anything at all: a hand, a crumb, a shadow. */
const ANYTHING = 0.02
/** Ratio of densities beyond which one sample says no more. */
const MOST_SAID = 40

/** What lines that hang and lines that are cut look like; undefined where no light shows. */
export const kindsOf = ({ signal, chance, open }: Profiles): Kinds | undefined => {
  const mean = quantile(chance, 0.5)
  // Half of what lies between these is one spread of a normal curve.
  const spread = Math.max(1e-3, mean - quantile(chance, 0.1587) || 1e-3)
  const light = signal.filter((value, at) => !open[at] && value > mean + SURELY * spread)
  const share = (light.length + open.reduce((sum, is) => sum + is, 0)) / signal.length
  if (share < LEAST_LIGHT) return undefined
  const middle = light.length > 0 ? quantile(light, 0.5) : mean + 2 * SURELY * spread
  const width =
    light.length > 0
      ? Math.max(0.25 * (middle - mean), (quantile(light, 0.8413) - quantile(light, 0.1587)) / 2)
      : spread
  return {
    hung: { mean, spread: 1.3 * spread },
    cut: { mean: middle, spread: width },
    apart: (middle - mean) / spread,
    share,
  }
}

const density = (value: number, { mean, spread }: { mean: number; spread: number }): number =>
  Math.exp(-0.5 * ((value - mean) / spread) ** 2) / spread

/**
 * The chance that each sample hangs, from a chain of two states along each line (forward and backward, as in L. Rabiner, a tutorial on
 * hidden Markov models, 1989).
 */
export const hangingAlong = ({ signal, open }: Profiles, { line, count }: Samples, kinds: Kinds): Float64Array => {
  const flat = ANYTHING / Math.max(kinds.hung.spread, kinds.cut.spread)
  // What is brighter than a cut usually is is one all the more.
  const capped = (value: number): number => Math.min(value, kinds.cut.mean)
  const said = Float64Array.from({ length: count }, (_, at) => {
    if (open[at]) return 1 / MOST_SAID
    const value = signal[at] as number
    const ratio =
      (density(Math.max(value, kinds.hung.mean), kinds.hung) + flat) / (density(capped(value), kinds.cut) + flat)
    return Math.min(MOST_SAID, Math.max(1 / MOST_SAID, ratio))
  })
  const stay = 1 - SAMPLE_MM / STRETCH_MM
  const before = new Float64Array(2 * count)
  for (let at = 0; at < count; at++) {
    const isFirst = at === 0 || line[at] !== line[at - 1]
    const [h, c] = isFirst ? [0.5, 0.5] : [before[2 * at - 2] as number, before[2 * at - 1] as number]
    const hung = (stay * h + (1 - stay) * c) * (said[at] as number)
    const cut = stay * c + (1 - stay) * h
    before[2 * at] = hung / (hung + cut)
    before[2 * at + 1] = cut / (hung + cut)
  }
  const hanging = new Float64Array(count)
  let [h, c] = [0.5, 0.5]
  for (let at = count - 1; at >= 0; at--) {
    if (at === count - 1 || line[at] !== line[at + 1]) [h, c] = [0.5, 0.5]
    const both = (before[2 * at] as number) * h
    const none = (before[2 * at + 1] as number) * c
    hanging[at] = both / (both + none)
    const [sh, sc] = [h * (said[at] as number), c]
    const sum = sh + sc
    ;[h, c] = [(stay * sh + (1 - stay) * sc) / sum, (stay * sc + (1 - stay) * sh) / sum]
  }
  return hanging
}
