import { TriangleAlert } from 'lucide-react'
import type { ReactNode } from 'react'

/** A caution, where the work can hurt. */
export const Care = ({ children }: { readonly children: ReactNode }) => (
  <p className="flex items-start gap-3 rounded-md border-2 border-warn/50 bg-warn-wash px-4 py-3 text-warn">
    <TriangleAlert aria-hidden className="mt-1 shrink-0" size={24} />
    <span>{children}</span>
  </p>
)
