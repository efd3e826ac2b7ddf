import { describe, expect, it } from 'vitest'
import { fitted, moved, scaled, type Framing } from './framing.js'

const window = { width: 600, height: 500 }
/** The millimetre that lies at a pixel. */
const mmAt = ({ k, x, y }: Framing, [px, py]: readonly [number, number]) => [(px - x) / k, (py - y) / k]

describe('how a drawing is seen', () => {
  it('shows a card whole, whichever way it is longer', () => {
    for (const card of [
      { widthMm: 300, heightMm: 20 },
      { widthMm: 20, heightMm: 300 },
    ]) {
      const view = fitted(window, card)
      const [left, top] = [view.x, view.y]
      const [right, foot] = [view.x + view.k * card.widthMm, view.y + view.k * card.heightMm]
      expect(Math.min(left, top)).toBeGreaterThan(0)
      expect(right).toBeLessThan(window.width)
      expect(foot).toBeLessThan(window.height)
    }
  })

  it('keeps what lies under the pointer where it is, larger or smaller', () => {
    const view = fitted(window, { widthMm: 105, heightMm: 148 })
    const at = [123, 77] as const
    for (const factor of [1.4, 1 / 1.4, 3]) {
      const [xMm, yMm] = mmAt(scaled(view, factor, at), at)
      expect(xMm).toBeCloseTo(mmAt(view, at)[0]!, 9)
      expect(yMm).toBeCloseTo(mmAt(view, at)[1]!, 9)
    }
  })

  it('goes neither beyond a fibre nor beyond a table', () => {
    const view = fitted(window, { widthMm: 105, heightMm: 148 })
    expect(scaled(view, 1e6, [0, 0]).k).toBe(40)
    expect(scaled(view, 1e-6, [0, 0]).k).toBe(0.4)
  })

  it('moves with the hand', () => {
    expect(moved({ k: 2, x: 10, y: 20 }, 5, -7)).toEqual({ k: 2, x: 15, y: 13 })
  })
})
