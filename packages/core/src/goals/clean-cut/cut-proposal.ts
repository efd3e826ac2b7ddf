/** What might be done better with a cut. */
export type CutProposal =
  | { readonly code: 'turn'; readonly degrees: number }
  | { readonly code: 'lengthways' }
  | { readonly code: 'centre-shim'; readonly shim: string; readonly thicknessMm: number; readonly widthMm: number }
  | { readonly code: 'hard-plate'; readonly plate: string }
  | { readonly code: 'one-sheet-fewer' }
  | { readonly code: 'fresh-face' }
  | { readonly code: 'waxed-paper' }
