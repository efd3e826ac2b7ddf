export { type Drawing } from './drawing.js'
export { readDxf } from './dxf/read-dxf.js'
export { writeDxf } from './dxf/write-dxf.js'
export {
  type DrawingFaultCode,
  drawingFaults,
  type DrawingNote,
  drawingNotes,
  limits as drawingLimits,
} from './fault.js'
export { readDrawing } from './read-drawing.js'
export { readSvg } from './svg/read-svg.js'
export { writeSvg } from './svg/write-svg.js'
export { type TemplateWords } from './template/strokes.js'
export { writeTemplateDxf } from './template/write-template-dxf.js'
export { type Paper, paperNames, tilesFor, writeTemplatePdf } from './template/write-template-pdf.js'
export { writeTemplateSvg } from './template/write-template-svg.js'
export { type Pixel } from './scan/homography.js'
export { type Picture, type Scale, type SquarePicture, squareUp } from './scan/picture.js'
export { type Traced, type TraceFault, traceScan, type TraceWish } from './scan/trace.js'
