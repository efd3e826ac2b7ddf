/** Colours and type of all charts; a canvas cannot read the style sheet. */
export const chartColours = {
  ink: '#22303c',
  inkSoft: '#51606c',
  danger: '#93281c',
  clean: '#0d615c',
  warn: '#7a5200',
  grid: '#cfc4ae',
} as const

export const chartFont = { family: "'Atkinson Hyperlegible Next', system-ui, sans-serif", size: 13 }
