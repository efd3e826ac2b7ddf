import { boxAround, type TemplateLine, type TemplatePart } from '@bold-heron/core'
import { pathOf } from '../../paths/line-path.js'
import { classes } from '../../ui/classes.js'

/** How the parts of a template are told apart on the screen: by dashes and weight, as on paper. */
const looks: Readonly<
  Partial<Record<TemplatePart, { readonly width: number; readonly dashes?: string; readonly soft?: boolean }>>
> = {
  card: { width: 1.6 },
  score: { width: 1.4, dashes: '9 3 2 3' },
  die: { width: 1 },
  uncut: { width: 1, dashes: '2 2', soft: true },
  pencil: { width: 1.4, dashes: '7 3' },
  knife: { width: 2.6 },
  guide: { width: 1.4 },
}

/** The lines of a template as they are drawn on it. */
export const TemplateDrawing = ({
  lines,
  spoken,
  className,
}: {
  readonly lines: readonly TemplateLine[]
  readonly spoken: string
  readonly className?: string
}) => {
  const box = boxAround(lines.map(({ line }) => line))
  if (!box) return null
  const [wide, high] = [box.toX - box.fromX, box.toY - box.fromY]
  const margin = 0.02 * Math.max(wide, high)
  return (
    <svg
      role="img"
      aria-label={spoken}
      viewBox={`${box.fromX - margin} ${box.fromY - margin} ${wide + 2 * margin} ${high + 2 * margin}`}
      className={classes('block', className)}
    >
      {lines.map(({ part, line }, at) => {
        const { width, dashes, soft } = looks[part] ?? { width: 1 }
        return (
          <path
            key={at}
            d={pathOf(line)}
            fill="none"
            stroke={soft ? 'var(--color-ink-soft)' : 'var(--color-ink)'}
            strokeWidth={width}
            strokeDasharray={dashes}
            vectorEffect="non-scaling-stroke"
          />
        )
      })}
    </svg>
  )
}
