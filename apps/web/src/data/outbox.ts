import { type RunInput, tellsMore } from '@bold-heron/schema'

/** A run as it is so far, under the id that it was given at the Bench. */
export interface Parcel {
  readonly id: string
  readonly input: RunInput
}

/** What came of sending a parcel. */
export type Delivery =
  | { readonly is: 'there' }
  /** The server could not be reached, or ended before it answered; whether it arrived is not known. */
  | { readonly is: 'away' }
  /** It will never be taken as it is. */
  | { readonly is: 'refused'; readonly why: string }

export interface KeptParcel extends Parcel {
  readonly refused?: string
}

/** Where parcels lie until they have arrived, each by itself; survives the page, and is shared by all pages of this browser. */
export interface Shelf {
  all(): Promise<readonly KeptParcel[]>
  put(parcel: KeptParcel): Promise<void>
  /** Takes a parcel away, unless a newer state of it has been put there. */
  take(parcel: Parcel): Promise<void>
}

/** Whether a state of a run is newer than another: it tells more. */
export const isNewer = (one: Parcel, other: Parcel): boolean => tellsMore(one.input, other.input)

/**
 * Runs on their way from the Bench to the server. A run is laid down here before anything else happens, and is taken away only once
 * the server has said that it is there. It is sent whole and under its own id, so sending it twice changes nothing; a newer
 * state takes the place of an older one that has not left yet. Where the shelf can keep nothing, a run is still here, and sent, for as
 * long as the page is open.
 */
export class Outbox {
  private parcels: readonly KeptParcel[] = []
  private sending: Promise<void> | undefined
  private readonly listeners = new Set<() => void>()

  constructor(
    private readonly shelf: Shelf,
    private readonly deliver: (parcel: Parcel) => Promise<Delivery>,
  ) {}

  /** Parcels that have not arrived; those that were refused say why. The same list until something changes. */
  waiting(): readonly KeptParcel[] {
    return this.parcels
  }

  isOnItsWay(id: string): boolean {
    return this.parcels.some((each) => each.id === id)
  }

  /** Takes in what was laid down before this page, or on another. */
  async open(): Promise<void> {
    const found = (await this.shelf.all().catch(() => [])).filter((parcel) => {
      const known = this.parcels.find((each) => each.id === parcel.id)
      return !known || isNewer(parcel, known)
    })
    if (found.length > 0)
      this.set([...this.parcels.filter(({ id }) => !found.some((each) => each.id === id)), ...found])
  }

  /** Resolves once the parcel is kept; rejects where it could not be, and then it is here only. */
  async lay(parcel: Parcel): Promise<void> {
    this.set([...this.parcels.filter((each) => each.id !== parcel.id), parcel])
    await this.shelf.put(parcel)
  }

  /** Gives up a parcel that was refused. */
  async drop(id: string): Promise<void> {
    const parcel = this.parcels.find((each) => each.id === id)
    this.set(this.parcels.filter((each) => each.id !== id))
    if (parcel) await this.shelf.take(parcel)
  }

  /** Sends what waits, oldest first, until the server is away. One sending at a time; a second call waits for the first. */
  send(): Promise<void> {
    this.sending ??= this.sendAll().finally(() => {
      this.sending = undefined
    })
    return this.sending
  }

  subscribe(listener: () => void): () => void {
    this.listeners.add(listener)
    return () => void this.listeners.delete(listener)
  }

  private async sendAll(): Promise<void> {
    await this.open()
    for (;;) {
      const next = this.parcels.find((each) => each.refused === undefined)
      if (!next) return
      const delivery = await this.deliver(next)
      if (delivery.is === 'away') return
      // While it was on its way a newer state may have been laid in its place; that one still has to go.
      if (this.parcels.find((each) => each.id === next.id) !== next) continue
      if (delivery.is === 'there') {
        await this.drop(next.id).catch(() => undefined)
        continue
      }
      const refused = { ...next, refused: delivery.why }
      this.set(this.parcels.map((each) => (each === next ? refused : each)))
      await this.shelf.put(refused).catch(() => undefined)
    }
  }

  private set(parcels: readonly KeptParcel[]): void {
    this.parcels = parcels
    for (const listener of this.listeners) listener()
  }
}
