import { Progress as Bar } from 'radix-ui'

/** How far long work is, 0…1. */
export const Progress = ({ share, what }: { readonly share: number; readonly what: string }) => {
  const percent = Math.round(100 * share)
  return (
    <div className="mt-3">
      <p className="mb-1 text-sm text-ink-soft">{what}</p>
      <Bar.Root value={percent} aria-label={what} className="h-3 overflow-hidden rounded-full bg-sunk">
        <Bar.Indicator
          className="h-full rounded-full bg-clean forced-colors:bg-[Highlight]"
          style={{ width: `${percent}%` }}
        />
      </Bar.Root>
    </div>
  )
}
