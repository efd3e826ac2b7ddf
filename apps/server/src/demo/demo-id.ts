import { v5 as uuid } from 'uuid'

const NAMESPACE = '6f0b2b4e-5d0c-4c0e-9a57-3b1d8f6f2a11'

/**
 * The id of a row of the demo, the same at every load: where two stacks are as good, ids decide, and with other ids the year that
 * is made up from them would be another.
 */
export const demoId = (table: string, key: string): string => uuid(`${table}/${key}`, NAMESPACE)
