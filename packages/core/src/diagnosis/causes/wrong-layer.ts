import { type Cause, squeezed } from '../cause.js'

/** A plate, pad or shim was left out, laid twice, or is another one than planned. */
export const wrongLayer = {
  id: 'wrong-layer',
  prior: 3,
  degrees: ({ stack }) => {
    const swaps = stack.flatMap((layer) => {
      // Nobody forgets what the die lies on or what it cuts into.
      if (layer.is !== 'plate' || layer.role === 'platform' || layer.role === 'bed' || layer.role === 'mat') return []
      const { valueMm } = layer.plate.thickness
      return [
        { mm: -valueMm, weight: 2, of: layer.plate.name },
        { mm: valueMm, weight: 1, of: layer.plate.name },
      ]
    })
    const all = swaps.reduce((sum, { weight }) => sum + weight, 0)
    return swaps.map(({ mm, weight, of }) => ({ ...squeezed(weight / all, mm), of }))
  },
  answers: { 'stack-otherwise': 0.92 },
  remedy: { minutes: 2, cures: 0.995 },
} as const satisfies Cause
