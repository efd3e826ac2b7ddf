import type { HangingPlace, Seen } from '@bold-heron/core'

const outline = 'M12 10h40v24H12z'

/** Where the line still hangs, as stretches of the outline. */
const hangs: Record<HangingPlace, string> = {
  ends: 'M12 16v12M52 16v12',
  middle: 'M25 10h14M25 34h14',
  'one-side': 'M14 34h36',
  'one-spot': 'M44 10h6',
  'all-over': 'M16 10h8M30 10h8M44 10h6M16 34h8M30 34h8M44 34h6M12 18v8M52 18v8',
}

/** A little picture of what a look at the sheet shows: the die's line as dents, cuts, or a cut gone into the pad. */
export const SeenPicture = ({ seen, place = 'ends' }: { readonly seen: Seen; readonly place?: HangingPlace }) => (
  <svg aria-hidden viewBox="0 0 64 44" width={64} height={44}>
    <rect x={3} y={3} width={58} height={38} rx={2} fill="#fffdf8" stroke="var(--color-ink)" strokeWidth={1} />
    {seen === 'dented' && (
      <path d={outline} fill="none" stroke="var(--color-ink)" strokeWidth={1.6} strokeDasharray="1.5 3.5" />
    )}
    {seen === 'hanging' && (
      <>
        <path d={outline} fill="#e4dccb" stroke="var(--color-ink)" strokeWidth={2} />
        <path d={hangs[place]} stroke="#fffdf8" strokeWidth={4} />
        <path d={hangs[place]} stroke="var(--color-danger)" strokeWidth={2.4} strokeDasharray="1.6 2" />
      </>
    )}
    {seen === 'clean' && (
      <>
        <path d={outline} fill="#d8cdb6" stroke="var(--color-ink)" strokeWidth={2} />
        <path d="m24 22 6 6 11-12" fill="none" stroke="var(--color-clean)" strokeWidth={3.4} />
      </>
    )}
    {seen === 'cut-into-pad' && (
      <>
        <path d={outline} fill="#d8cdb6" stroke="var(--color-ink)" strokeWidth={2} />
        <path d="M8 38h48" stroke="var(--color-ink)" strokeWidth={1} />
        <path d="m20 30 4 9 4-9zm16 0 4 9 4-9z" fill="var(--color-danger)" />
      </>
    )}
    {seen === 'faint' && <path d={outline} fill="none" stroke="var(--color-ink-soft)" strokeWidth={1} />}
    {seen === 'shallow' && <path d={outline} fill="#f4eee0" stroke="var(--color-ink-soft)" strokeWidth={1} />}
    {seen === 'patchy' && (
      <>
        <path d={outline} fill="none" stroke="var(--color-ink-soft)" strokeWidth={1} />
        <path d="M16 14h10M16 19h8M38 26h10M36 31h12" stroke="var(--color-ink)" strokeWidth={1.4} />
      </>
    )}
    {seen === 'broken-line' && (
      <path d={outline} fill="none" stroke="#c79a1d" strokeWidth={2.6} strokeDasharray="9 5" />
    )}
    {(seen === 'good' || seen === 'full' || seen === 'formed' || seen === 'even-line') && (
      <>
        <path
          d={outline}
          fill={seen === 'full' ? '#efe4c6' : 'none'}
          stroke={seen === 'even-line' ? '#c79a1d' : 'var(--color-ink)'}
          strokeWidth={2.6}
        />
        {seen === 'formed' && (
          <path d="M16 15h32M16 20h32M16 25h32M16 30h32" stroke="var(--color-ink)" strokeWidth={1} />
        )}
        <path d="m24 22 6 6 11-12" fill="none" stroke="var(--color-clean)" strokeWidth={3.4} />
      </>
    )}
    {seen === 'deep' && (
      <>
        <path d={outline} fill="none" stroke="var(--color-ink)" strokeWidth={4.6} />
        <path d="m24 22 6 6 11-12" fill="none" stroke="var(--color-clean)" strokeWidth={3.4} />
      </>
    )}
    {(seen === 'cut-through' || seen === 'mat-cut') && (
      <>
        <path d={outline} fill="none" stroke="var(--color-ink)" strokeWidth={3} />
        <path d="M20 10h9M52 18v9M30 34h10" stroke="var(--color-danger)" strokeWidth={4} />
        {seen === 'mat-cut' && <path d="m20 36 4 6 4-6zm16 0 4 6 4-6z" fill="var(--color-danger)" />}
      </>
    )}
    {(seen === 'cracked' || seen === 'torn') && (
      <>
        <path d={outline} fill={seen === 'cracked' ? '#efe4c6' : 'none'} stroke="var(--color-ink)" strokeWidth={2} />
        <path d="m28 6 5 8-6 7 7 8-4 9" fill="none" stroke="var(--color-danger)" strokeWidth={2.6} />
      </>
    )}
    {seen === 'smudged' && <path d="M14 12h36v20H14z" fill="none" stroke="#c79a1d" strokeWidth={7} opacity={0.7} />}
  </svg>
)
