import type { HangingPlace, Seen } from '@bold-heron/core'
import type { ReactNode } from 'react'

const OUTLINE = 'M12 10h40v24H12z'
const INK = 'var(--color-ink)'
const SOFT = 'var(--color-ink-soft)'
const RED = 'var(--color-danger)'
const FOIL = '#c79a1d'

/** Where the line still hangs, as stretches of the outline. */
const hangs: Record<HangingPlace, string> = {
  ends: 'M12 16v12M52 16v12',
  middle: 'M25 10h14M25 34h14',
  'one-side': 'M14 34h36',
  'one-spot': 'M44 10h6',
  'all-over': 'M16 10h8M30 10h8M44 10h6M16 34h8M30 34h8M44 34h6M12 18v8M52 18v8',
}

const Outline = ({
  fill = 'none',
  ink = INK,
  wide = 2,
  dashes,
}: {
  readonly fill?: string
  readonly ink?: string
  readonly wide?: number
  readonly dashes?: string
}) => <path d={OUTLINE} fill={fill} stroke={ink} strokeWidth={wide} strokeDasharray={dashes} />
const Tick = () => <path d="m24 22 6 6 11-12" fill="none" stroke="var(--color-clean)" strokeWidth={3.4} />
const Cracks = () => <path d="m28 6 5 8-6 7 7 8-4 9" fill="none" stroke={RED} strokeWidth={2.6} />
const CutThrough = () => (
  <>
    <Outline wide={3} />
    <path d="M20 10h9M52 18v9M30 34h10" stroke={RED} strokeWidth={4} />
  </>
)

/** What each look shows of the die's line: dents, cuts, a crease, a cut gone into the pad. */
const pictures: Readonly<Record<Seen, (place: HangingPlace) => ReactNode>> = {
  'not-looked': () => null,
  nothing: () => null,
  untouched: () => null,
  dented: () => <Outline wide={1.6} dashes="1.5 3.5" />,
  hanging: (place) => (
    <>
      <Outline fill="#e4dccb" />
      <path d={hangs[place]} stroke="#fffdf8" strokeWidth={4} />
      <path d={hangs[place]} stroke={RED} strokeWidth={2.4} strokeDasharray="1.6 2" />
    </>
  ),
  clean: () => (
    <>
      <Outline fill="#d8cdb6" />
      <Tick />
    </>
  ),
  'cut-into-pad': () => (
    <>
      <Outline fill="#d8cdb6" />
      <path d="M8 38h48" stroke={INK} strokeWidth={1} />
      <path d="m20 30 4 9 4-9zm16 0 4 9 4-9z" fill={RED} />
    </>
  ),
  faint: () => <Outline ink={SOFT} wide={1} />,
  good: () => (
    <>
      <Outline wide={2.6} />
      <Tick />
    </>
  ),
  deep: () => (
    <>
      <Outline wide={4.6} />
      <Tick />
    </>
  ),
  'cut-through': () => <CutThrough />,
  'mat-cut': () => (
    <>
      <CutThrough />
      <path d="m20 36 4 6 4-6zm16 0 4 6 4-6z" fill={RED} />
    </>
  ),
  shallow: () => <Outline fill="#f4eee0" ink={SOFT} wide={1} />,
  full: () => (
    <>
      <Outline fill="#efe4c6" wide={2.6} />
      <Tick />
    </>
  ),
  cracked: () => (
    <>
      <Outline fill="#efe4c6" />
      <Cracks />
    </>
  ),
  patchy: () => (
    <>
      <Outline ink={SOFT} wide={1} />
      <path d="M16 14h10M16 19h8M38 26h10M36 31h12" stroke={INK} strokeWidth={1.4} />
    </>
  ),
  formed: () => (
    <>
      <Outline wide={2.6} />
      <path d="M16 15h32M16 20h32M16 25h32M16 30h32" stroke={INK} strokeWidth={1} />
      <Tick />
    </>
  ),
  torn: () => (
    <>
      <Outline />
      <Cracks />
    </>
  ),
  'broken-line': () => <Outline ink={FOIL} wide={2.6} dashes="9 5" />,
  'even-line': () => (
    <>
      <Outline ink={FOIL} wide={2.6} />
      <Tick />
    </>
  ),
  smudged: () => <path d="M14 12h36v20H14z" fill="none" stroke={FOIL} strokeWidth={7} opacity={0.7} />,
}

/** A little picture of what a look at the sheet shows. */
export const SeenPicture = ({ seen, place = 'ends' }: { readonly seen: Seen; readonly place?: HangingPlace }) => (
  <svg aria-hidden viewBox="0 0 64 44" width={64} height={44}>
    <rect x={3} y={3} width={58} height={38} rx={2} fill="#fffdf8" stroke={INK} strokeWidth={1} />
    {pictures[seen](place)}
  </svg>
)
