import type { JobRow } from '@bold-heron/schema'
import type { ReactNode } from 'react'

/** Something to do once it came out well, as it is shown at the Bench. */
export type ShownFinishing = (asked: { readonly job: JobRow }) => ReactNode
