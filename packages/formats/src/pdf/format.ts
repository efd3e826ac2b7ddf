import type { Format } from '../format.js'

export const pdf: Format = {
  ending: 'pdf',
  mimeType: 'application/pdf',
  y: 'down',
  template: async () => (await import('./write-template-pdf.js')).writeTemplatePdf,
}
