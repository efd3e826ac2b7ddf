/** When an answer was kept that is given in place of the server's, ISO 8601: put on by the service worker. */
export const KEPT_AT = 'X-Heron-Kept-At'

/** What is never answered from what was kept: streams, whether the server is there, long tables, and who is let in. */
const NEVER = /^\/api\/(news|health|openapi\.json|csv\/|workshop$|sharing|devices|caliper)/

/** Whether the answer to a question is kept, and given where the server cannot be reached. */
export const keepsAnswer = ({
  path,
  method,
  accept,
}: {
  readonly path: string
  readonly method: string
  readonly accept: string | null
}): boolean => method === 'GET' && path.startsWith('/api/') && !NEVER.test(path) && !(accept ?? '').includes('ndjson')

/**
 * Whether a waiting edition may take over from the one that answers now: it is the one that the asking page belongs to, and no other page is
 * open that may still want pieces of the older one.
 */
export const mayTakeOver = (
  pieces: readonly string[],
  { entry, pagesOpen }: { readonly entry: string; readonly pagesOpen: number },
): boolean => pagesOpen <= 1 && pieces.some((piece) => entry.endsWith(piece))
