import type { Role, StackReference } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'

const WIDE_PX = 56
/** px. Not to scale, but as high to one another as plates of these roles mostly are. From memory. */
const highPx: Readonly<Record<Role | 'dies' | 'sheets', number>> = {
  platform: 13,
  spacer: 5,
  shim: 2,
  bed: 5,
  pad: 5,
  block: 8,
  mat: 5,
  backing: 4,
  heat: 5,
  foil: 2,
  dies: 3,
  sheets: 3,
}
/** How layers are filled: what cuts and what is cut stand out, the rest is told by its height and place. */
const fills: Readonly<Partial<Record<Role | 'dies' | 'sheets', string>>> = {
  platform: 'var(--color-line)',
  spacer: 'var(--color-sunk)',
  shim: 'var(--color-ink-soft)',
  dies: 'var(--color-ink)',
  sheets: 'var(--color-accent)',
}

/** The stack that is kept for something, in small: which layers lie in it, from the bottom up. */
export const StackMini = ({ layers }: { readonly layers: StackReference }) => {
  const { t } = useTranslation()
  const parts = layers.map((layer) => (layer.is === 'plate' ? layer.role : layer.is))
  const said = parts.map((part) =>
    t(part === 'dies' || part === 'sheets' ? `words.layer.${part}` : `words.role.${part}`),
  )
  const tops = parts.reduce<number[]>((below, part) => [...below, (below.at(-1) ?? 0) + highPx[part]], [])
  const high = (tops.at(-1) ?? 0) + 1
  return (
    <svg role="img" aria-label={said.join(', ')} width={WIDE_PX} height={high} className="block shrink-0">
      <title>{said.join(' · ')}</title>
      {parts.map((part, at) => (
        <rect
          key={at}
          x={0.5}
          y={high - (tops[at] as number) - 0.5}
          width={WIDE_PX - 1}
          height={highPx[part]}
          fill={fills[part] ?? 'var(--color-field)'}
          stroke="var(--color-ink-soft)"
          strokeWidth={0.4}
        />
      ))}
    </svg>
  )
}
