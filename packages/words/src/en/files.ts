/** What a command says of the file it was given. */
export const files = {
  usage: 'usage: npm run --silent heron -- <{{commands}}> FILE',
  'no-command': 'there is no command "{{value}}"; {{usage}}',
  'too-large': '{{file}} is larger than {{limit}} bytes.',
  unreadable: '{{file}} cannot be read ({{value}}); check its name.',
  'named-unreadable':
    '{{named}} names {{file}}, which cannot be read ({{value}}); check its name, or leave it out for a stand-in.',
  'not-utf8': '{{file}} is not UTF-8; save it as UTF-8.',
  'not-json': '{{file}} is not JSON: {{value}}; check brackets, commas and quotes.',
  'no-lines': '{{file}}: the drawing has no lines.',
  unsolved: 'A pass could not be solved; there is no number to trust. Report this file.',
  'unknown-format': 'format is {{value}}; it must be one of: {{limit}}.',
  'format-missing': 'missing',
  'drawing-fault': '{{file}}{{where}}: {{why}}{{met}}.',
  'drawing-place': ' at {{path}}',
  'drawing-met': ' (met {{value}})',
  'drawing-met-limit': ' (met {{value}}, limit {{limit}})',
}
