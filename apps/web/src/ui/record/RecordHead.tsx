import type { ReactNode } from 'react'

/** What a record is called and about, and beside it what can be done with it. */
export const RecordHead = ({
  title,
  about,
  children,
}: {
  readonly title: string
  readonly about: ReactNode
  readonly children: ReactNode
}) => (
  <header className="mb-3 flex flex-wrap items-center gap-3">
    <div className="mr-auto">
      <h2 className="text-2xl leading-tight">{title}</h2>
      <p className="text-ink-soft">{about}</p>
    </div>
    {children}
  </header>
)
