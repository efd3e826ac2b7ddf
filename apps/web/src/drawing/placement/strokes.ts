/** How each kind of line is drawn on the placement, told apart without colour: thin, dashed, dotted, thick. */
export const placementStrokes = {
  card: { stroke: 'var(--color-ink)', strokeWidth: 1.6 },
  fold: { stroke: 'var(--color-ink)', strokeWidth: 1.3, strokeDasharray: '10 3 2 3' },
  cut: { stroke: 'var(--color-clean)', strokeWidth: 1.8 },
  left: { stroke: 'var(--color-ink-soft)', strokeWidth: 1.4, strokeDasharray: '2 4' },
  pencil: { stroke: 'var(--color-ink)', strokeWidth: 1.6, strokeDasharray: '14 4' },
  pad: { stroke: 'var(--color-ink-soft)', strokeWidth: 1.2, strokeDasharray: '5 5' },
  block: { stroke: 'var(--color-ink)', strokeWidth: 2.2, strokeDasharray: '6 2' },
  knife: { stroke: 'var(--color-accent)', strokeWidth: 3.4 },
  motif: { stroke: 'var(--color-ink-soft)', strokeWidth: 1, strokeDasharray: '1 4' },
} as const satisfies Record<string, React.SVGAttributes<SVGPathElement>>
