import type { ReactNode } from 'react'
import type { TermId } from './list.js'

const ink = { fill: 'none', stroke: 'var(--color-ink)', strokeWidth: 1.2 } as const
const plate = { fill: '#efe7d6', stroke: 'var(--color-ink)', strokeWidth: 0.8 } as const
const clear = { fill: '#dfe9ec', stroke: 'var(--color-ink)', strokeWidth: 0.8 } as const
const roller = { fill: '#dfe4e6', stroke: 'var(--color-ink)', strokeWidth: 1 } as const
const told = { fill: 'none', stroke: 'var(--color-accent-deep)', strokeWidth: 1.8 } as const
const toldFill = {
  fill: 'var(--color-accent)',
  fillOpacity: 0.35,
  stroke: 'var(--color-accent-deep)',
  strokeWidth: 1.4,
} as const
const paper = { fill: '#fffdf8', stroke: 'var(--color-ink)', strokeWidth: 0.9 } as const

/** The layers of a stack, bottom to top: platform, spacer, shim, bed, sheet, die, pad. */
const layers = [
  [52, 8],
  [47, 5],
  [45, 2],
  [38, 7],
  [36, 2],
  [32, 4],
  [25, 7],
] as const

/** The stack, with one of its layers shown apart; all of it where none is named. */
const Layers = ({ told: which }: { readonly told?: number }) => (
  <>
    {layers.map(([y, height], at) => (
      <rect
        key={y}
        x={14}
        y={y}
        width={68}
        height={height}
        {...(at === which || which === undefined ? toldFill : at > 2 ? clear : plate)}
      />
    ))}
    <path d="M20 36v-2l2-2 2 2v2M46 36v-2l2-2 2 2v2M72 36v-2l2-2 2 2v2" {...ink} />
  </>
)

const Rollers = ({ apart }: { readonly apart: number }) => (
  <>
    <circle cx={48} cy={32 - apart / 2 - 22} r={22} {...roller} />
    <circle cx={48} cy={32 + apart / 2 + 22} r={22} {...roller} />
  </>
)

const Arrows = ({ from, to }: { readonly from: number; readonly to: number }) => (
  <path d={`M48 ${from}V${to}m-3-4 3 4 3-4M48 ${from}m-3 4 3-4 3 4`} {...told} />
)

/** A die's outline on a sheet. */
const Sheet = ({ children }: { readonly children: ReactNode }) => (
  <>
    <path d="M12 6h72v52H12z" {...paper} />
    {children}
  </>
)

const pictures: { readonly [Id in TermId]: ReactNode } = {
  stack: <Layers />,
  platform: <Layers told={0} />,
  spacer: <Layers told={1} />,
  shim: <Layers told={2} />,
  bed: <Layers told={3} />,
  pad: <Layers told={6} />,
  gap: (
    <>
      <Rollers apart={16} />
      <Arrows from={24} to={40} />
    </>
  ),
  squeeze: (
    <>
      <Rollers apart={16} />
      <rect x={6} y={20} width={84} height={24} {...clear} fillOpacity={0.8} />
      <path d="M34 20a22 22 0 0 0 28 0z" {...toldFill} />
      <path d="M34 44a22 22 0 0 1 28 0z" {...toldFill} />
    </>
  ),
  window: (
    <>
      <path d="M6 26h84v12H6z" {...paper} />
      <path d="M34 26h26v12H34z" {...toldFill} />
      <path d="m47 40-5 10h10z" fill="var(--color-ink)" />
    </>
  ),
  doubt: (
    <>
      <path d="M8 52h80" {...ink} />
      <path d="M14 52c18 0 20-38 34-38s16 38 34 38" {...told} />
      <path d="M34 56h28M34 53v6M62 53v6" {...ink} />
    </>
  ),
  pass: (
    <>
      <Rollers apart={12} />
      <rect x={4} y={26} width={88} height={12} {...clear} fillOpacity={0.7} />
      <path d="M14 29h24m-5-4 5 4-5 4M82 35H58m5-4-5 4 5 4" {...told} />
    </>
  ),
  feel: (
    <>
      <circle cx={40} cy={36} r={9} {...roller} />
      <path d="M40 36 62 16" {...ink} strokeWidth={3} />
      <rect x={58} y={8} width={12} height={10} rx={3} {...toldFill} />
      <path d="M76 22a34 34 0 0 1 0 26m-4-3 4 4 4-4" {...told} />
    </>
  ),
  hanging: (
    <Sheet>
      <circle cx={48} cy={32} r={17} {...ink} strokeWidth={1.6} />
      <path d="M63 24a17 17 0 0 1 2 8" stroke="#fffdf8" strokeWidth={4} fill="none" />
      <path d="M63 24a17 17 0 0 1 2 8" {...told} strokeDasharray="2 2" />
    </Sheet>
  ),
  'deep-cut': (
    <>
      <rect x={10} y={34} width={76} height={22} {...clear} />
      <rect x={10} y={30} width={76} height={4} {...paper} />
      <path d="M42 16h12v12l-6 16-6-16z" fill="#8a96a0" stroke="var(--color-ink)" />
      <path d="m44.5 34 3.5 10 3.5-10z" {...toldFill} />
    </>
  ),
  bevel: (
    <>
      <path d="M6 22h60l22 18H6z" {...clear} />
      <path d="M66 22l22 18" {...told} strokeWidth={3} />
    </>
  ),
  faces: (
    <>
      <path d="M8 16h36v36H8zM52 16h36v36H52z" {...clear} />
      <circle cx={14} cy={46} r={3} fill="var(--color-accent-deep)" />
    </>
  ),
  'blade-side': (
    <>
      <path d="M6 40h38v3H6zM52 24h38v3H52z" {...paper} />
      <path d="M8 28h34v6H8zM54 33h34v6H54z" fill="#8a96a0" stroke="var(--color-ink)" strokeWidth={0.8} />
      <path
        d="m12 34 2 6 2-6m18 0 2 6 2-6M58 33l2-6 2 6m18 0 2-6 2 6"
        fill="var(--color-accent)"
        stroke="var(--color-accent-deep)"
      />
    </>
  ),
  throat: (
    <>
      <path d="M14 8v48M82 8v48" {...ink} strokeWidth={5} />
      <rect x={17} y={18} width={62} height={11} rx={5} {...roller} />
      <rect x={17} y={35} width={62} height={11} rx={5} {...roller} />
      <path d="M17 32h62m-5-3 5 3-5 3M22 29l-5 3 5 3" {...told} />
    </>
  ),
  lace: (
    <Sheet>
      <circle cx={48} cy={32} r={20} {...ink} />
      {[0, 1, 2, 3, 4, 5].map((at) => (
        <ellipse
          key={at}
          cx={48}
          cy={20}
          rx={3.5}
          ry={6}
          transform={`rotate(${at * 60} 48 32)`}
          {...told}
          strokeWidth={1.2}
        />
      ))}
    </Sheet>
  ),
  caliper: (
    <>
      <path d="M10 12h76v8H10z" {...plate} />
      <path d="M18 20v28l10-8V20zM38 20v20l10 8V20" {...plate} />
      <rect x={28} y={26} width={10} height={20} {...toldFill} />
    </>
  ),
  'edge-partial': (
    <Sheet>
      <path d="M12 38h72" {...ink} strokeDasharray="5 3" />
      <path d="M36 38V16h24v22" {...told} />
      <path d="M36 38v10h24V38" {...ink} strokeDasharray="1.5 2.5" />
    </Sheet>
  ),
  block: (
    <Sheet>
      <circle cx={48} cy={32} r={17} {...ink} strokeDasharray="1.5 2.5" />
      <path d="M48 15a17 17 0 0 1 0 34" {...told} />
      <path d="M48 12h24v40H48z" {...clear} fillOpacity={0.5} />
    </Sheet>
  ),
  hinge: (
    <Sheet>
      <path d="M34 44V18h28v26" {...ink} />
      <path d="M34 44h28" {...told} strokeWidth={3} />
    </Sheet>
  ),
  'known-good': (
    <>
      <Layers told={-1} />
      <path d="m56 14 8 8 18-18" fill="none" stroke="var(--color-clean)" strokeWidth={4} />
    </>
  ),
  'only-one': (
    <Sheet>
      <path d="m48 16 4 10 11 1-9 7 3 11-9-6-9 6 3-11-9-7 11-1z" {...toldFill} />
    </Sheet>
  ),
}

/** What a word means, in a picture; it only shows what is said beside it. */
export const TermPicture = ({ id, className }: { readonly id: TermId; readonly className?: string }) => (
  <svg aria-hidden viewBox="0 0 96 64" className={className} style={{ width: 144, height: 96 }}>
    {pictures[id]}
  </svg>
)
