/** Dies where they lie side by side, by their outlines. */
export const LayOnPad = ({
  outlines,
  described,
  size = 64,
}: {
  readonly outlines: readonly (readonly number[])[]
  readonly described: string
  readonly size?: number
}) => {
  const all = outlines.flat()
  const xs = all.filter((_, at) => at % 2 === 0)
  const ys = all.filter((_, at) => at % 2 === 1)
  if (xs.length === 0) return null
  const [fromX, fromY] = [Math.min(...xs) - 2, Math.min(...ys) - 2]
  const [wide, high] = [Math.max(...xs) - fromX + 2, Math.max(...ys) - fromY + 2]
  return (
    <svg
      role="img"
      aria-label={described}
      viewBox={`${fromX} ${fromY} ${wide} ${high}`}
      width={size}
      height={size}
      className="shrink-0"
    >
      {outlines.map((outline, at) => (
        <polygon
          key={at}
          points={outline.join(' ')}
          fill="#8d99a3"
          fillOpacity={0.35}
          stroke="var(--color-ink)"
          strokeWidth={Math.max(wide, high) / 60}
        />
      ))}
    </svg>
  )
}
