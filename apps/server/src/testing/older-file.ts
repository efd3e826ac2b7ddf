import { readFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'

const folder = join(dirname(fileURLToPath(import.meta.url)), '../../../../packages/schema/src/testing/older')

/** A file as the application wrote it before its present version. */
export const olderFile = (name: string): string => readFileSync(join(folder, name), 'utf8')
