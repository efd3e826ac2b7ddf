/** How a drawing in mm is seen: `k` pixels a millimetre, its corner at (x, y) in pixels. */
export interface Framing {
  readonly k: number
  readonly x: number
  readonly y: number
}

/** Pixels a millimetre: from a whole table to a single fibre. */
const LEAST_SCALE = 0.4
const MOST_SCALE = 40
/** Pixels left free round the card, the rulers included. */
const FREE_PX = 34

const scaleWithin = (k: number): number => Math.min(MOST_SCALE, Math.max(LEAST_SCALE, k))

/** A card as large as a window of so many pixels holds it, in its middle. */
export const fitted = (
  window: { readonly width: number; readonly height: number },
  card: { readonly widthMm: number; readonly heightMm: number },
): Framing => {
  const { width, height } = window
  const k = scaleWithin(Math.min((width - 2 * FREE_PX) / card.widthMm, (height - 2 * FREE_PX) / card.heightMm))
  return {
    k,
    x: (width - k * card.widthMm) / 2 + FREE_PX / 3,
    y: (height - k * card.heightMm) / 2 + FREE_PX / 3,
  }
}

/** Larger by a factor, what lies at a pixel staying there; the scale has its limits. */
export const scaled = ({ k, x, y }: Framing, factor: number, [atX, atY]: readonly [number, number]): Framing => {
  const next = scaleWithin(k * factor)
  const by = next / k
  return { k: next, x: atX - by * (atX - x), y: atY - by * (atY - y) }
}

/** Moved by so many pixels. */
export const moved = ({ k, x, y }: Framing, dx: number, dy: number): Framing => ({ k, x: x + dx, y: y + dy })
