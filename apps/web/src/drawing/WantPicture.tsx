import type { WantId } from '@bold-heron/core'
import type { ReactNode } from 'react'

const line = { fill: 'none', stroke: 'var(--color-ink)', strokeWidth: 2 } as const
const card = { fill: '#fffdf8', stroke: 'var(--color-ink)', strokeWidth: 1.2 } as const
const piece = { fill: '#d8cdb6', stroke: 'var(--color-ink)', strokeWidth: 2 } as const
const hole = { fill: '#b9ad94', stroke: 'var(--color-ink)', strokeWidth: 1.6 } as const
const fold = { stroke: 'var(--color-ink)', strokeWidth: 1.2, strokeDasharray: '3 2' } as const

/** What has no picture of its own is shown as a piece out of its sheet. */
const pictures: { readonly [Want in WantId]?: ReactNode } = {
  // The piece, lifted out of its sheet.
  whole: (
    <>
      <path d="M4 6h34v34H4z" {...card} />
      <circle cx={21} cy={23} r={11} {...hole} />
      <circle cx={50} cy={16} r={11} {...piece} />
    </>
  ),
  panel: (
    <>
      <path d="M8 3h48v38H8z" {...card} />
      <circle cx={32} cy={22} r={12} {...hole} />
    </>
  ),
  // The die, and the same margin on every side.
  'measured-panel': (
    <>
      <path d="M12 4h40v36H12z" {...card} />
      <path d="M18 10h28v24H18z" {...hole} />
      <path d="M12 22h6m28 0h6M32 4v6m0 24v6" {...line} strokeWidth={1.4} />
    </>
  ),
  // Half a leaf along the fold, and the other half behind it.
  'half-on-fold': (
    <>
      <path d="M6 22h52v18H6z" {...card} />
      <path d="M14 22q18 22 36 0" {...line} />
      <path d="M14 22q18-22 36 0" {...line} strokeDasharray="2 3" strokeWidth={1.2} />
      <path d="M6 22h52" {...fold} />
    </>
  ),
  'folded-front': (
    <>
      <path d="M32 5 58 9v30l-26-4z" {...card} />
      <path d="M32 5 6 9v30l26-4z" {...card} />
      <ellipse cx={45} cy={22} rx={8} ry={9} {...hole} />
      <path d="M32 5v30" {...fold} />
    </>
  ),
  // Letters cut at the top, still on the card at the crease.
  'word-on-fold': (
    <>
      <path d="M4 24h56v17H4z" {...card} />
      <path d="M4 24h56" {...fold} />
      <path d="M12 24V8h8v16M28 24V5h8v19M44 24V8h8v16" {...piece} />
    </>
  ),
  window: (
    <>
      <path d="M8 3h48v38H8z" {...card} />
      <path d="M16 9h32v24H16z" {...hole} />
      <path d="m24 33 4-13 4 6 4-12 5 19z" {...piece} />
    </>
  ),
  crease: (
    <>
      <path d="M6 4h52v36H6z" {...card} />
      <circle cx={32} cy={22} r={12} fill="none" stroke="#b9ad94" strokeWidth={4} />
      <circle cx={32} cy={22} r={12} {...line} strokeWidth={1} />
    </>
  ),
  raise: (
    <>
      <path d="M4 34h14c4 0 4-18 8-18h12c4 0 4 18 8 18h14" fill="none" stroke="var(--color-ink)" strokeWidth={2.4} />
      <path d="M25 20h14v14H25z" {...hole} />
    </>
  ),
  folder: (
    <>
      <path d="M6 12 40 4v30L6 42z" {...card} />
      <path d="M6 12h46v28H6z" {...piece} fillOpacity={0.5} />
      <path d="M12 20q4-5 8 0t8 0 8 0 8 0M12 30q4-5 8 0t8 0 8 0 8 0" {...line} strokeWidth={1.3} />
    </>
  ),
  foil: (
    <>
      <path d="M6 4h52v36H6z" {...card} />
      <path d="m32 9 4 9 10 1-8 6 3 10-9-6-9 6 3-10-8-6 10-1z" fill="none" stroke="#c79a1d" strokeWidth={2.4} />
    </>
  ),
  'cut-crease': (
    <>
      <path d="M4 4h56v36H4z" {...card} />
      <circle cx={26} cy={22} r={12} fill="none" stroke="#b9ad94" strokeWidth={4} />
      <circle cx={36} cy={20} r={12} {...piece} />
    </>
  ),
  // Layers on one another, and the sheet that stands up over them.
  'cut-glue-raise': (
    <g transform="translate(0 -11)">
      <path d="M8 30h20v3H8zm0 4h20v3H8zm0 4h20v3H8z" {...piece} strokeWidth={1.2} />
      <path d="M32 32h6m-3-3 3 3-3 3" {...line} strokeWidth={1.4} />
      <path d="M38 38h5q2-12 8-12t8 12h3" {...line} />
      <path d="M44 38h14" {...line} strokeDasharray="2 2" strokeWidth={1.2} />
    </g>
  ),
  pair: (
    <>
      <circle cx={30} cy={24} r={17} {...piece} />
      <circle cx={34} cy={20} r={12} {...card} />
      <path d="M28 20h12M34 14v12" {...line} strokeWidth={1.2} />
    </>
  ),
  inlay: (
    <>
      <path d="M4 4h36v36H4z" {...card} />
      <circle cx={22} cy={22} r={11} {...hole} />
      <path d="M42 22h-6m3-3-3 3 3 3" {...line} strokeWidth={1.4} />
      <circle cx={52} cy={22} r={9} {...piece} />
    </>
  ),
  'cut-form': (
    <>
      <circle cx={18} cy={22} r={12} {...piece} />
      <path d="M33 22h8m-3-4 4 4-4 4" {...line} strokeWidth={1.6} />
      <circle cx={52} cy={22} r={10} {...piece} />
      <path d="M44 19q4-4 8 0t8 0M44 26q4-4 8 0t8 0" {...line} strokeWidth={1.2} />
    </>
  ),
  'frame-round': (
    <>
      <path d="M4 3h56v38H4z" {...card} />
      <path d="M12 8h40v28H12z" {...line} />
      <circle cx={32} cy={22} r={9} {...piece} />
    </>
  ),
  // A strip whose pattern goes on.
  border: (
    <>
      <path d="M2 14q4-8 8 0t8 0 8 0 8 0 8 0 8 0 8 0 4-4 6 0v22H2z" {...card} />
      <path d="M2 14q4-8 8 0t8 0 8 0 8 0" {...line} />
      <path d="M26 6v32" {...fold} />
    </>
  ),
  // Pressed under the block, not beside it.
  block: (
    <>
      <path d="M4 4h56v36H4z" {...card} />
      <circle cx={32} cy={22} r={13} {...line} strokeDasharray="2 3" strokeWidth={1.2} />
      <path d="M32 9a13 13 0 0 1 0 26" {...line} />
      <path d="M32 6h24v32H32z" fill="var(--color-ink)" opacity={0.12} />
    </>
  ),
}

/** What comes of a job, in a little picture. */
export const WantPicture = ({ of }: { readonly of: WantId }) => (
  <svg aria-hidden viewBox="0 0 64 44" width={64} height={44}>
    {pictures[of] ?? pictures.whole}
  </svg>
)
