/** What might be done better with something that is pressed into a mat. */
export type MatProposal =
  | { readonly code: 'shim-more'; readonly plate: string }
  | { readonly code: 'shim-out'; readonly plate: string }
  | { readonly code: 'other-mat'; readonly plate: string }
  | { readonly code: 'fewer-layers' }
