import { SAMPLE_MM, type Samples } from './samples.js'
import type { Profiles } from './profiles.js'
import { quantile } from './quantile.js'

/** What the two kinds of line look like, learnt from the picture itself. */
interface Kinds {
  readonly hung: { readonly mean: number; readonly spread: number }
  readonly cut: { readonly mean: number; readonly spread: number }
  /** How far the two are apart, in spreads of chance alone. */
  readonly apart: number
}

/** From so many spreads above what chance makes stand out on it is light. */
const SURELY = 4
/** A line is light in this share of it at the least, or there is nothing to learn from what light looks like. */
const LEAST_LIGHT = 0.05
/** mm. So long is a stretch that hangs or is cut, on average. From memory. */
const STRETCH_MM = 15
/** Chance that a sample is anything at all: a hand, a crumb, a shadow. */
const ANYTHING = 0.02
/** Ratio of densities beyond which one sample says no more. */
const MOST_SAID = 40

/** Rounds in which what a cut looks like is found out. */
const ROUNDS = 30

const density = (value: number, { mean, spread }: { mean: number; spread: number }): number =>
  Math.exp(-0.5 * ((value - mean) / spread) ** 2) / spread

/**
 * What a cut looks like among samples some of which hang, and how many are cut: by expectation and maximisation with what hangs known (A. Dempster,
 * N. Laird and D. Rubin, 1977). What stands out most is where it begins; that alone would leave out the fainter half of all cuts.
 */
const cutAmong = (signal: readonly number[], hung: Kinds['hung'], begin: Kinds['cut']): Kinds['cut'] => {
  let cut = begin
  let share = 0.5
  for (let round = 0; round < ROUNDS; round++) {
    let [weight, sum, squares] = [0, 0, 0]
    for (const value of signal) {
      const its = share * density(value, cut)
      // What is brighter than a cut usually is, is no line that hangs.
      const of = value >= cut.mean ? 1 : its / (its + (1 - share) * density(value, hung) + 1e-300)
      weight += of
      sum += of * value
      squares += of * value * value
    }
    if (weight < 1) return cut
    const mean = sum / weight
    share = Math.min(0.98, Math.max(0.02, weight / signal.length))
    cut = {
      mean,
      spread: Math.max(0.25 * (mean - hung.mean), hung.spread, Math.sqrt(Math.max(0, squares / weight - mean * mean))),
    }
  }
  return cut
}

/** What lines that hang and lines that are cut look like; undefined where no light shows. */
export const kindsOf = ({ signal, chance, open }: Profiles): Kinds | undefined => {
  const mean = quantile(chance, 0.5)
  // Half of what lies between these is one spread of a normal curve.
  const spread = Math.max(1e-3, mean - quantile(chance, 0.1587) || 1e-3)
  const whole = Array.from(signal).filter((_, at) => !open[at])
  const light = whole.filter((value) => value > mean + SURELY * spread)
  // What a cut looks like is learnt from cuts whose sides are both there: a piece that fell out does not tell it.
  if (light.length < LEAST_LIGHT * whole.length || light.length === 0) return undefined
  const hung = { mean, spread: 1.3 * spread }
  const cut = cutAmong(whole, hung, { mean: quantile(light, 0.5), spread: 2 * spread })
  return { hung, cut, apart: (cut.mean - mean) / spread }
}

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
