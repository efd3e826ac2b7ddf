/** How many questions a test asks: some at every run, all of them where `npm run harden` asks (`scripts/property-seed.mjs` says which). */
export const asked = (all: number, some: number): number =>
  (globalThis as { readonly isThorough?: boolean }).isThorough ? all : some
