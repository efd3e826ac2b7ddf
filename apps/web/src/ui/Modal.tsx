import { X } from 'lucide-react'
import { Dialog } from 'radix-ui'
import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { classes } from './classes.js'

/** A dialog over the page. The title is read out; Escape and the corner close it. */
export const Modal = ({
  open,
  onClose,
  title,
  description,
  wide = false,
  children,
}: {
  readonly open: boolean
  readonly onClose: () => void
  readonly title: string
  readonly description?: ReactNode
  readonly wide?: boolean
  readonly children: ReactNode
}) => {
  const { t } = useTranslation()
  return (
    <Dialog.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/50" />
        <Dialog.Content
          className={classes(
            'fixed top-1/2 left-1/2 z-50 max-h-[92dvh] w-[calc(100vw-1.5rem)] -translate-x-1/2 -translate-y-1/2',
            'overflow-y-auto rounded-xl border border-line bg-leaf p-5 shadow-2xl',
            wide ? 'max-w-3xl' : 'max-w-lg',
          )}
          {...(description ? {} : { 'aria-describedby': undefined })}
        >
          <header className="mb-3 flex items-start justify-between gap-4">
            <div>
              <Dialog.Title className="text-xl">{title}</Dialog.Title>
              {description && (
                <Dialog.Description asChild>
                  <div className="mt-1 text-ink-soft">{description}</div>
                </Dialog.Description>
              )}
            </div>
            <Dialog.Close
              className="grid size-11 shrink-0 place-items-center rounded-md hover:bg-sunk"
              aria-label={t('common.close')}
            >
              <X aria-hidden size={20} />
            </Dialog.Close>
          </header>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
