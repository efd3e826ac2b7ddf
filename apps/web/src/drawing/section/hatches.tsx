import type { Layer, PlateKind } from '@bold-heron/core'

/** Layers are told apart by hatch, not by colour; each kind has its own. */
type HatchId = PlateKind | 'sheets' | 'dies'

const stroke = 'var(--color-ink)'

const marks: Record<HatchId, { readonly size: number; readonly fill: string; readonly draw: React.ReactNode }> = {
  platform: {
    size: 26,
    fill: '#e7d7b8',
    draw: <path d="M0 7c7-3 19 3 26 0M0 19c9 3 17-3 26 0" fill="none" stroke={stroke} strokeWidth="0.8" />,
  },
  spacer: { size: 10, fill: '#efe4c6', draw: <path d="M0 10 10 0" stroke={stroke} strokeWidth="1" /> },
  'cutting-pad': {
    size: 12,
    fill: '#f4f8f8',
    draw: (
      <>
        <circle cx="3" cy="3" r="0.9" fill={stroke} />
        <circle cx="9" cy="9" r="0.9" fill={stroke} />
      </>
    ),
  },
  'hard-plate': {
    size: 5,
    fill: '#b9c2c8',
    draw: <path d="M0 0 5 5M0 5 5 0" stroke={stroke} strokeWidth="0.9" />,
  },
  'soft-mat': {
    size: 12,
    fill: '#d9e2d3',
    draw: <path d="M6 3v6M3 6h6" stroke={stroke} strokeWidth="0.9" />,
  },
  'embossing-mat': {
    size: 10,
    fill: '#f3dfd8',
    draw: <path d="M0 5q2.5-4 5 0t5 0" fill="none" stroke={stroke} strokeWidth="0.9" />,
  },
  'heated-plate': {
    size: 8,
    fill: '#f2c3a8',
    draw: <path d="M4 0v8M0 4h8" stroke={stroke} strokeWidth="0.7" />,
  },
  foil: { size: 6, fill: '#f4e3a1', draw: <path d="M0 3h6" stroke={stroke} strokeWidth="0.6" /> },
  'impression-pad': {
    size: 10,
    fill: '#ece6f0',
    draw: <path d="M0 2h10M0 7h10" stroke={stroke} strokeWidth="0.8" strokeDasharray="3 2" />,
  },
  shim: { size: 4, fill: '#fffdf8', draw: <path d="M0 2h4" stroke={stroke} strokeWidth="0.9" /> },
  'press-block': {
    size: 14,
    fill: '#eef2f6',
    draw: <path d="M0 14 14 0M0 0l14 14" stroke={stroke} strokeWidth="0.6" />,
  },
  sheets: { size: 8, fill: '#ffffff', draw: null },
  dies: {
    size: 6,
    fill: '#8d99a3',
    draw: <path d="M0 6 6 0" stroke="#ffffff" strokeWidth="1" />,
  },
}

export const hatchOf = (layer: Layer): HatchId => (layer.is === 'plate' ? layer.plate.kind : layer.is)

/** The patterns, to be put once inside a drawing's `defs`; `prefix` keeps two drawings on one page apart. */
export const Hatches = ({ prefix }: { readonly prefix: string }) =>
  (Object.keys(marks) as HatchId[]).map((id) => {
    const { size, fill, draw } = marks[id]
    return (
      <pattern key={id} id={`${prefix}-${id}`} width={size} height={size} patternUnits="userSpaceOnUse">
        <rect width={size} height={size} fill={fill} />
        {draw}
      </pattern>
    )
  })

/** A small sample of a layer's hatch, for the lists beside a drawing. */
export const HatchSwatch = ({ layer }: { readonly layer: Layer }) => {
  const id = hatchOf(layer)
  const { size, fill, draw } = marks[id]
  const name = `swatch-${id}`
  return (
    <svg width="22" height="14" aria-hidden className="shrink-0 border border-ink/60">
      <defs>
        <pattern id={name} width={size} height={size} patternUnits="userSpaceOnUse">
          <rect width={size} height={size} fill={fill} />
          {draw}
        </pattern>
      </defs>
      <rect width="22" height="14" fill={`url(#${name})`} />
    </svg>
  )
}
