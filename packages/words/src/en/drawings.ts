import type { DrawingWords } from '../words.js'

export const drawings: DrawingWords = {
  'file-empty': 'the file is empty',
  'file-too-large': 'the file is too large',
  'file-packed': 'the file is packed; unpack it first',
  'not-svg': 'this is no SVG drawing; files must end in .svg or .dxf',
  'xml-broken': 'the XML cannot be read',
  'entities-declared': 'the file declares entities, which are not expanded; save it without a DOCTYPE subset',
  'script-inside': 'the file holds a script; save it as a plain drawing',
  'outside-reference': 'the file refers to something outside itself; embed or remove it',
  'too-deep': 'groups are nested too deep',
  'too-many-elements': 'the drawing has too many elements',
  'too-many-points': 'the drawing has too many points; simplify it',
  'path-broken': 'path data cannot be read',
  'number-broken': 'a number cannot be read',
  'transform-broken': 'a transform cannot be read',
  'no-lines': 'the drawing has no lines; convert text and images to paths',
  'coordinates-unreasonable': 'the drawing is larger than any die; check its unit',
  'not-dxf': 'this is no DXF drawing',
  'dxf-binary': 'binary DXF is not read; save it as text',
  'dxf-broken': 'the DXF cannot be read',
  'units-unknown': 'the unit of the DXF is not known; save it in mm or inches',
}
