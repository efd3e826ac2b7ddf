import type { Format } from '../format.js'

export const dxf: Format = {
  ending: 'dxf',
  mimeType: 'image/vnd.dxf',
  y: 'up',
  read: async () => (await import('./read-dxf.js')).readDxf,
  write: async () => (await import('./write-dxf.js')).writeDxf,
  template: async () => (await import('./write-template-dxf.js')).writeTemplateDxf,
}
