import type { Format } from '../format.js'

export const svg: Format = {
  ending: 'svg',
  mimeType: 'image/svg+xml',
  y: 'down',
  read: async () => (await import('./read-svg.js')).readSvg,
  write: async () => (await import('./write-svg.js')).writeSvg,
  template: async () => (await import('./write-template-svg.js')).writeTemplateSvg,
}
