/** What a page tells the service worker. */
export type Said =
  /** It belongs to the edition whose first script this is, and would have that one answer. */
  | { readonly is: 'of-edition'; readonly entry: string }
  /** The server is there again. */
  | { readonly is: 'back' }
