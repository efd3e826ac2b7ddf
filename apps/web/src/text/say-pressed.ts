import type { TFunction } from 'i18next'

/** What is pressed with what and of what, in a line: dies, sheets, press. */
export const sayPressed = (
  t: TFunction<'app'>,
  {
    dieNames,
    sheetCount,
    sheetName,
    pressName,
  }: {
    readonly dieNames: readonly string[]
    readonly sheetCount: number
    readonly sheetName: string
    readonly pressName: string
  },
): string =>
  t('jobs.line', {
    dies: dieNames.join(', '),
    sheet: t('jobs.sheetsOf', { count: sheetCount, sheet: sheetName }),
    press: pressName,
  })
