import { AlertDialog } from 'radix-ui'
import type { ReactNode } from 'react'
import { Button } from './Button.js'

/** Asks before something that is not easily undone. */
export const Confirm = ({
  open,
  title,
  children,
  yes,
  no,
  onYes,
  onNo,
  danger = false,
}: {
  readonly open: boolean
  readonly title: string
  readonly children: ReactNode
  readonly yes: string
  readonly no: string
  readonly onYes: () => void
  readonly onNo: () => void
  readonly danger?: boolean
}) => (
  <AlertDialog.Root open={open} onOpenChange={(next) => !next && onNo()}>
    <AlertDialog.Portal>
      <AlertDialog.Overlay className="fixed inset-0 z-40 bg-ink/50" />
      <AlertDialog.Content className="fixed top-1/2 left-1/2 z-50 w-[calc(100vw-1.5rem)] max-w-lg -translate-x-1/2 -translate-y-1/2 rounded-xl border border-line bg-leaf p-5 shadow-2xl">
        <AlertDialog.Title className="mb-2 text-xl">{title}</AlertDialog.Title>
        <AlertDialog.Description asChild>
          <div className="text-ink-soft">{children}</div>
        </AlertDialog.Description>
        <div className="mt-4 flex flex-wrap justify-end gap-2">
          <AlertDialog.Cancel asChild>
            <Button onClick={onNo}>{no}</Button>
          </AlertDialog.Cancel>
          <AlertDialog.Action asChild>
            <Button look={danger ? 'danger' : 'next'} onClick={onYes}>
              {yes}
            </Button>
          </AlertDialog.Action>
        </div>
      </AlertDialog.Content>
    </AlertDialog.Portal>
  </AlertDialog.Root>
)
