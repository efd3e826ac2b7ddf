export { type Drawing } from './drawing.js'
export {
  type DrawingFaultCode,
  drawingFaults,
  type DrawingNote,
  drawingNotes,
  limits as drawingLimits,
} from './fault.js'
export { type Format } from './format.js'
export { formatOf, formats } from './list.js'
export { readDrawing } from './read-drawing.js'
export { readSvg } from './svg/read-svg.js'
export { type TemplateWords } from './template/strokes.js'
export { type Paper, paperNames } from './template/paper.js'
export { type Pixel } from './scan/homography.js'
export { type Picture, type Scale, type SquarePicture, squareUp } from './scan/picture.js'
export { type Traced, type TraceFault, traceScan, type TraceWish } from './scan/trace.js'
export { type ChartPaper, chartPaperNames } from './chart/layout.js'
export { chartWriter } from './chart/chart-writer.js'
export type { Fill, PrintedCell, PrintedChart, PrintedLayer } from './chart/write-chart-pdf.js'
export { pathData } from './svg/path-data.js'
