import { brightnessOf, type Picture } from '../scan/picture.js'

/** Brightness of a picture, 0 black to 255 white, row by row; pixel centres at halves. */
export interface Gray {
  readonly width: number
  readonly height: number
  readonly values: Float32Array
}

export const grayOf = (picture: Picture): Gray => ({
  width: picture.width,
  height: picture.height,
  values: brightnessOf(picture),
})

/** A picture so many times smaller both ways, each pixel the mean of those it stands for. */
export const smaller = ({ width, height, values }: Gray, times: number): Gray => {
  if (times <= 1) return { width, height, values }
  const [w, h] = [Math.max(1, Math.floor(width / times)), Math.max(1, Math.floor(height / times))]
  const made = new Float32Array(w * h)
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++) {
      let sum = 0
      for (let v = 0; v < times; v++)
        for (let u = 0; u < times; u++) sum += values[(y * times + v) * width + x * times + u] as number
      made[y * w + x] = sum / (times * times)
    }
  return { width: w, height: h, values: made }
}

/** Means over squares of (2·radius + 1)² pixels, cut off at the edges. By running sums, whatever the radius. */
export const blurred = ({ width, height, values }: Gray, radius: number): Gray => {
  const across = new Float32Array(values.length)
  for (let y = 0; y < height; y++) {
    let sum = 0
    let count = 0
    for (let x = -radius; x < width; x++) {
      if (x + radius < width) {
        sum += values[y * width + x + radius] as number
        count++
      }
      if (x - radius - 1 >= 0) {
        sum -= values[y * width + x - radius - 1] as number
        count--
      }
      if (x >= 0) across[y * width + x] = sum / count
    }
  }
  const made = new Float32Array(values.length)
  for (let x = 0; x < width; x++) {
    let sum = 0
    let count = 0
    for (let y = -radius; y < height; y++) {
      if (y + radius < height) {
        sum += across[(y + radius) * width + x] as number
        count++
      }
      if (y - radius - 1 >= 0) {
        sum -= across[(y - radius - 1) * width + x] as number
        count--
      }
      if (y >= 0) made[y * width + x] = sum / count
    }
  }
  return { width, height, values: made }
}

/** Brightness at a place between pixels; beyond the edges as at them. */
export const brightnessAt = ({ width, height, values }: Gray, x: number, y: number): number => {
  const fx = Math.min(width - 1, Math.max(0, x - 0.5))
  const fy = Math.min(height - 1, Math.max(0, y - 0.5))
  const [x0, y0] = [Math.floor(fx), Math.floor(fy)]
  const [x1, y1] = [Math.min(width - 1, x0 + 1), Math.min(height - 1, y0 + 1)]
  const [u, v] = [fx - x0, fy - y0]
  const top = (1 - u) * (values[y0 * width + x0] as number) + u * (values[y0 * width + x1] as number)
  const bottom = (1 - u) * (values[y1 * width + x0] as number) + u * (values[y1 * width + x1] as number)
  return (1 - v) * top + v * bottom
}

/** A picture with the fall of light across it taken out: a plane laid through the logarithms of all its brightness (least squares). */
export const evened = ({ width, height, values }: Gray): Gray => {
  // Columns and rows from −1 to 1 have no moment with one another, so each slope stands by itself.
  let [sumX, sumY, squareX, squareY] = [0, 0, 0, 0]
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [u, v] = [(2 * x + 1) / width - 1, (2 * y + 1) / height - 1]
      const log = Math.log(Math.max(1, values[y * width + x] as number))
      sumX += u * log
      sumY += v * log
      squareX += u * u
      squareY += v * v
    }
  const [slopeX, slopeY] = [sumX / squareX, sumY / squareY]
  const made = new Float32Array(values.length)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [u, v] = [(2 * x + 1) / width - 1, (2 * y + 1) / height - 1]
      made[y * width + x] = (values[y * width + x] as number) * Math.exp(-slopeX * u - slopeY * v)
    }
  return { width, height, values: made }
}
