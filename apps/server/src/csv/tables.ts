/** Tables that can be had and given as CSV. */
export const csvNames = ['plates', 'presses', 'dies', 'sheets', 'runs'] as const
export type CsvName = (typeof csvNames)[number]
