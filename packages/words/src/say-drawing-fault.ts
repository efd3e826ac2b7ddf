import type { Fault } from '@bold-heron/core'
import type { DrawingFaultCode } from '@bold-heron/formats'
import type { Speak } from './speak.js'

/** A drawing's fault as one line; `file` is what the drawing is called. */
export const sayDrawingFault = (
  t: Speak,
  file: string,
  { code, path, value, limit }: Fault<DrawingFaultCode>,
): string => {
  const met = { value: JSON.stringify(value), limit }
  return t('files.drawing-fault', {
    file,
    where: path === '' ? '' : t('files.drawing-place', { path }),
    why: t(`drawings.${code}`),
    met:
      value === undefined || value === null
        ? ''
        : t(limit === undefined ? 'files.drawing-met' : 'files.drawing-met-limit', met),
  })
}
