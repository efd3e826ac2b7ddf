import { CloudOff, LoaderCircle } from 'lucide-react'
import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { AwayError, MisreadError, ProblemError } from '../data/client.js'
import { NotSaved } from '../data/whose-work.js'
import { sayTrouble } from '../text/say-trouble.js'
import { Button } from './Button.js'

/** Nothing here yet, and the one sensible thing to do about it. */
export const Empty = ({ title, children, action }: { title: string; children?: ReactNode; action?: ReactNode }) => (
  <div className="mx-auto max-w-lg px-4 py-12 text-center">
    <h2 className="mb-2 text-2xl">{title}</h2>
    {children && <div className="mb-5 text-ink-soft">{children}</div>}
    {action}
  </div>
)

/** Work under way; appears only after a moment, so that quick answers do not flicker. */
export const Loading = ({ what }: { readonly what: string }) => (
  <p role="status" className="flex animate-[appear_0s_0.3s_both] items-center justify-center gap-2 py-12 text-ink-soft">
    <LoaderCircle aria-hidden className="animate-spin" size={20} />
    {what}
  </p>
)

/** Something did not work: what, what was kept, and a way on. */
export const Failure = ({ error, onRetry }: { readonly error: unknown; readonly onRetry?: () => void }) => {
  const { t } = useTranslation()
  const away = error instanceof AwayError || (error instanceof ProblemError && error.problem.status === 503)
  return (
    <div role="alert" className="mx-auto max-w-lg px-4 py-12 text-center">
      <CloudOff aria-hidden className="mx-auto mb-3 text-danger" size={32} />
      <h2 className="mb-2 text-2xl">{away ? t('common.awayTitle') : t('common.failedTitle')}</h2>
      <p className="mb-5 text-ink-soft">
        {away
          ? t('common.awayText')
          : error instanceof ProblemError || error instanceof MisreadError || error instanceof NotSaved
            ? sayTrouble(t, error)
            : t('common.failedText')}
      </p>
      {onRetry && <Button onClick={onRetry}>{t('common.tryAgain')}</Button>}
    </div>
  )
}

/** Shows a query's rows, or why there are none to show yet. */
export const Loaded = <Data,>({
  query,
  what,
  children,
}: {
  readonly query: {
    readonly data: Data | undefined
    readonly error: unknown
    readonly refetch: () => unknown
  }
  readonly what: string
  readonly children: (data: Data) => ReactNode
}) => {
  if (query.data !== undefined) return <>{children(query.data)}</>
  if (query.error) return <Failure error={query.error} onRetry={() => void query.refetch()} />
  return <Loading what={what} />
}
