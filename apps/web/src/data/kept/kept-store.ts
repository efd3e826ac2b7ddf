import { createStore, del, get, keys, set } from 'idb-keyval'

/** How what is kept is shaped; raised when that changes, so that no page takes what another one kept for something else. */
const EDITION = 2

interface Envelope {
  readonly edition: number
  readonly value: unknown
}

const isEnvelope = (found: unknown): found is Envelope =>
  typeof found === 'object' && found !== null && 'edition' in found && 'value' in found

/** Things kept in this browser until they are no longer needed; they survive the page. What fails here is told, never thrown away. */
export interface KeptStore {
  /** Undefined where nothing is kept, or only what a page of another edition kept. */
  read(key: string): Promise<unknown>
  write(key: string, value: unknown): Promise<void>
  /** Removes it, where it still is what `isMeant` means. */
  remove(key: string, isMeant?: (value: unknown) => boolean): Promise<void>
  keysFrom(prefix: string): Promise<string[]>
}

const valueOf = (found: unknown): unknown => (isEnvelope(found) && found.edition === EDITION ? found.value : undefined)

/** The browser's own database. */
export const browserStore = (): KeptStore => {
  const store = createStore('bold-heron', 'kept')
  return {
    read: async (key) => valueOf(await get(key, store)),
    write: (key, value) => set(key, { edition: EDITION, value } satisfies Envelope, store),
    async remove(key, isMeant) {
      if (isMeant && !isMeant(valueOf(await get(key, store)))) return
      await del(key, store)
    },
    keysFrom: async (prefix) =>
      (await keys<string>(store)).filter((key) => typeof key === 'string' && key.startsWith(prefix)),
  }
}
