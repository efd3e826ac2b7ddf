import type { CsvReport } from '@bold-heron/schema'
import type { Workshop } from '../store/workshop.js'

/** A table as CSV: `give` takes what is written by parts, `tell` hears how far the reading is, 0…1. */
export interface TableCsv {
  write(workshop: Workshop, give: (part: string) => void): Promise<void>
  read(workshop: Workshop, text: string, tell?: (share: number) => void): Promise<CsvReport>
}
