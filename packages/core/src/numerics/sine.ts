/**
 * Sine and cosine from plain arithmetic alone. Engines differ in the last bit of Math.sin, and the simulation promises the
 * same bits in a browser and on a server. Polynomials on ±π/4 from the fdlibm kernels (Sun Microsystems, 1993, freely
 * usable); good to 1e-15 for angles of a few turns, which is all that dies and sine series need.
 */
const HALF_PI_HIGH = 1.57079632673412561417
const HALF_PI_LOW = 6.0771005065061922e-11

const kernelSine = (x: number): number => {
  const z = x * x
  const rest =
    8.33333333332248946124e-3 +
    z *
      (-1.98412698298579493134e-4 +
        z * (2.75573137070700676789e-6 + z * (-2.50507602534068634195e-8 + z * 1.58969099521155010221e-10)))
  return x + x * z * (-1.66666666666666324348e-1 + z * rest)
}

const kernelCosine = (x: number): number => {
  const z = x * x
  const rest =
    4.16666666666666019037e-2 +
    z *
      (-1.38888888888741095749e-3 +
        z *
          (2.48015872894767294178e-5 +
            z * (-2.75573143513906633035e-7 + z * (2.0875723212981748279e-9 + z * -1.13596475577881948265e-11))))
  return 1 - z / 2 + z * z * rest
}

const turned = (x: number, quarter: number): number => {
  const turns = Math.round(x / (HALF_PI_HIGH + HALF_PI_LOW))
  const rest = x - turns * HALF_PI_HIGH - turns * HALF_PI_LOW
  switch ((((turns + quarter) % 4) + 4) % 4) {
    case 0:
      return kernelSine(rest)
    case 1:
      return kernelCosine(rest)
    case 2:
      return -kernelSine(rest)
    default:
      return -kernelCosine(rest)
  }
}

/** Sine of an angle in radians, the same bits everywhere. */
export const sine = (x: number): number => turned(x, 0)

/** Cosine of an angle in radians, the same bits everywhere. */
export const cosine = (x: number): number => turned(x, 1)
