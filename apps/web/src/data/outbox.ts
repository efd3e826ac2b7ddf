import type { RunInput } from '@bold-heron/schema'

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

/** Where parcels lie until they have arrived; survives the page. */
export interface Shelf {
  read(): string | null
  write(content: string): void
}

interface Kept extends Parcel {
  readonly refused?: string
}

/**
 * Runs on their way from the Bench to the server. A run is laid down here before anything else happens, and is taken away only once
 * the server has said that it is there. It is sent whole and under its own id, so sending it twice changes nothing; a newer
 * state takes the place of an older one that has not left yet.
 */
export class Outbox {
  private sending: Promise<void> | undefined
  private readonly listeners = new Set<() => void>()

  constructor(
    private readonly shelf: Shelf,
    private readonly deliver: (parcel: Parcel) => Promise<Delivery>,
  ) {}

  /** Parcels that have not arrived; those that were refused say why. */
  waiting(): readonly Kept[] {
    const content = this.shelf.read()
    return content === null ? [] : (JSON.parse(content) as Kept[])
  }

  lay(parcel: Parcel): void {
    this.keep([...this.waiting().filter((each) => each.id !== parcel.id), parcel])
  }

  /** Gives up a parcel that was refused. */
  drop(id: string): void {
    this.keep(this.waiting().filter((each) => each.id !== id))
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
    for (;;) {
      const next = this.waiting().find((each) => each.refused === undefined)
      if (!next) return
      const delivery = await this.deliver(next)
      if (delivery.is === 'away') return
      // While it was on its way a newer state may have been laid in its place; that one still has to go.
      const unchanged =
        this.waiting().find((each) => each.id === next.id)?.input.rounds.length === next.input.rounds.length
      if (!unchanged) continue
      if (delivery.is === 'there') this.drop(next.id)
      else this.keep(this.waiting().map((each) => (each.id === next.id ? { ...each, refused: delivery.why } : each)))
    }
  }

  private keep(parcels: readonly Kept[]): void {
    this.shelf.write(JSON.stringify(parcels))
    for (const listener of this.listeners) listener()
  }
}
