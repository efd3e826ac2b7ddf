import type { ReactNode } from 'react'

export const BenchTitle = ({ children }: { readonly children: ReactNode }) => (
  <h2 className="text-4xl" tabIndex={-1}>
    {children}
  </h2>
)
