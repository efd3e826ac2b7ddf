import { X } from 'lucide-react'
import { Toast } from 'radix-ui'
import { createContext, type ReactNode, useCallback, useContext, useMemo, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { classes } from './classes.js'

interface Slip {
  readonly id: number
  readonly text: string
  readonly tone: 'plain' | 'danger'
  readonly undo?: () => void
}

type Say = (text: string, more?: { readonly undo?: () => void; readonly tone?: Slip['tone'] }) => void

const SayContext = createContext<Say>(() => undefined)

/** Says something in passing, with a way to undo it where there is one. */
export const useSay = (): Say => useContext(SayContext)

const UNDO_MS = 12_000
const READ_MS = 5_000

export const Toasts = ({ children }: { readonly children: ReactNode }) => {
  const { t } = useTranslation()
  const [slips, setSlips] = useState<readonly Slip[]>([])
  const say = useCallback<Say>((text, { undo, tone = 'plain' } = {}) => {
    setSlips((shown) => [
      ...shown.slice(-2),
      { id: (shown.at(-1)?.id ?? 0) + 1, text, tone, ...(undo ? { undo } : {}) },
    ])
  }, [])
  const drop = (id: number) => setSlips((shown) => shown.filter((slip) => slip.id !== id))
  const value = useMemo(() => say, [say])
  return (
    <SayContext value={value}>
      <Toast.Provider label={t('common.messages')} swipeDirection="right">
        {children}
        {slips.map((slip) => (
          <Toast.Root
            key={slip.id}
            duration={slip.undo ? UNDO_MS : READ_MS}
            type={slip.undo || slip.tone === 'danger' ? 'foreground' : 'background'}
            onOpenChange={(open) => !open && drop(slip.id)}
            className={classes(
              'flex items-center gap-3 rounded-lg px-4 py-2.5 text-leaf shadow-xl',
              slip.tone === 'danger' ? 'bg-danger' : 'bg-ink',
            )}
          >
            <Toast.Description className="flex-1">{slip.text}</Toast.Description>
            {slip.undo && (
              <Toast.Action
                altText={t('common.undoHint')}
                className="min-h-9 rounded border border-leaf/60 px-3 font-bold hover:bg-leaf/15"
                onClick={slip.undo}
              >
                {t('common.undo')}
              </Toast.Action>
            )}
            <Toast.Close
              aria-label={t('common.close')}
              className="grid size-9 place-items-center rounded hover:bg-leaf/15"
            >
              <X aria-hidden size={18} />
            </Toast.Close>
          </Toast.Root>
        ))}
        <Toast.Viewport
          label={`${t('common.messages')} ({hotkey})`}
          className="fixed right-4 bottom-4 z-60 flex w-[min(26rem,calc(100vw-2rem))] flex-col gap-2 print:hidden"
        />
      </Toast.Provider>
    </SayContext>
  )
}
