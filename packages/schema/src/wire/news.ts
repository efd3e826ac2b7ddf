/** By which header a page says which it is, when it changes something. */
export const PAGE_HEADER = 'X-Heron-Page'

/** That something changed, as it goes to every page. */
export interface News {
  /** What, by the first part of its address, such as `jobs`. */
  readonly about: string
  /** The page that changed it; empty where that was none. */
  readonly page: string
}
