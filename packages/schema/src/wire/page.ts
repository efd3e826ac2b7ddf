import { z } from 'zod'

/** Which part of a list is asked for. */
export const pageQuery = z.object({
  page: z.coerce.number().int().min(1).max(100_000).default(1),
  pageSize: z.coerce.number().int().min(1).max(500).default(50),
})

/** One part of a list. */
export const pageOf = <Item extends z.ZodType>(item: Item) =>
  z.object({ items: z.array(item), total: z.int(), page: z.int(), pageSize: z.int() })

export interface Page<Item> {
  readonly items: Item[]
  readonly total: number
  readonly page: number
  readonly pageSize: number
}
