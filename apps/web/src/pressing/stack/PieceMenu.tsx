import type { Plate } from '@bold-heron/core'
import { DropdownMenu } from 'radix-ui'
import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'

/** A menu of the shelf's pieces to put into the stack; what is nearest in kind stands first. */
export const PieceMenu = ({
  trigger,
  title,
  shelf,
  left,
  near,
  onPick,
}: {
  readonly trigger: ReactNode
  readonly title: string
  readonly shelf: readonly Plate[]
  readonly left: ReadonlyMap<string, number>
  /** Kinds to list first. */
  readonly near: readonly Plate['kind'][]
  readonly onPick: (plate: Plate) => void
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const isNear = (plate: Plate) => near.includes(plate.kind)
  const sorted = [...shelf].sort(
    (a, b) =>
      Number(isNear(b)) - Number(isNear(a)) ||
      a.kind.localeCompare(b.kind) ||
      a.thickness.valueMm - b.thickness.valueMm,
  )
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger asChild>{trigger}</DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          className="z-50 max-h-[min(26rem,70dvh)] w-80 overflow-y-auto rounded-lg border border-line bg-leaf p-1 shadow-xl"
          align="end"
          sideOffset={4}
          collisionPadding={8}
        >
          <DropdownMenu.Label className="px-3 py-1.5 text-sm text-ink-soft">{title}</DropdownMenu.Label>
          {sorted.map((plate) => {
            const count = left.get(plate.id) ?? 0
            return (
              <DropdownMenu.Item
                key={plate.id}
                disabled={count <= 0}
                onSelect={() => onPick(plate)}
                className="flex cursor-pointer items-baseline gap-2 rounded px-3 py-2 data-disabled:cursor-not-allowed data-disabled:opacity-50 data-highlighted:bg-sunk data-highlighted:outline-none"
              >
                <span className="min-w-0 flex-1">
                  <span className="block truncate">{plate.name}</span>
                  <span className="block text-sm text-ink-soft">
                    {t(`words.plateKind.${plate.kind}`)} ·{' '}
                    {count > 0 ? t('plan.stack.left', { count }) : t('plan.stack.noneLeft')}
                  </span>
                </span>
                <span>{lengths.thickness(plate.thickness.valueMm)}</span>
              </DropdownMenu.Item>
            )
          })}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}
