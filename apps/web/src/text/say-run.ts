import type { JobRow } from '@bold-heron/schema'
import type { TFunction } from 'i18next'

/** What a press run of a job is called: by its own name, or by its place among them. */
export const sayRun = (t: TFunction<'app'>, { runs }: Pick<JobRow, 'runs'>, at: number): string =>
  runs[at]?.name || t('place.run.newName', { count: at + 1 })
