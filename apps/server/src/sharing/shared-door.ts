import { createServer, type Server } from 'node:https'
import type { RequestListener } from 'node:http'
import type { Doorway } from './doorway.js'
import { type Certified, fingerprintOf } from './certificates.js'
import { authorityIn, leafIn } from './kept-authority.js'
import { Pairing } from './pairing.js'

/** ms. So often it is looked whether the machine has other addresses, and whether what vouches for them ends soon. */
const LOOK_EVERY_MS = 60_000

interface Opening {
  /** Where what vouches for the addresses is kept. */
  readonly folder: string
  readonly port: number
  /** Addresses of this machine in the home network, as they are now. */
  readonly addressesNow: () => readonly string[]
  /** One's own certificate and key; then no authority is made. */
  readonly own?: Certified | undefined
}

/** The door by which other devices of the home network come in: a server of TLS on every address that the machine has there. */
export class SharedDoor implements Doorway {
  readonly scheme = 'https'
  readonly pairing = new Pairing()
  private readonly servers = new Map<string, Server>()
  private authority: Certified | undefined
  private timer: NodeJS.Timeout | undefined
  private listener: RequestListener = (_request, response) => void response.end()

  constructor(private readonly opening: Opening) {}

  admits(host: string): boolean {
    return this.addresses.includes(`https://${host}/`)
  }

  /** Where other devices find the workshop. */
  get addresses(): string[] {
    return [...this.servers.keys()].map((address) => `https://${address}:${this.opening.port}/`)
  }

  /** What devices are to trust, as PEM, and its fingerprint; undefined where one's own certificate is shown. */
  get trusted(): { readonly pem: string; readonly fingerprint: string } | undefined {
    return this.authority && { pem: this.authority.certificate, fingerprint: fingerprintOf(this.authority) }
  }

  /** Opens it for whoever answers; resolves once it is open on every address there is now. */
  async open(listener: RequestListener): Promise<void> {
    this.listener = listener
    await this.look()
    // An address on which it cannot listen now is tried again at the next look; those that are open stay so.
    this.timer = setInterval(() => void this.look().catch(() => undefined), LOOK_EVERY_MS)
    this.timer.unref()
  }

  /** Opens on addresses that came, closes on those that went, and shows a certificate that is good for all of them. */
  private async look(): Promise<void> {
    const { folder, own, addressesNow } = this.opening
    const addresses = addressesNow()
    const now = new Date()
    this.authority = own ? undefined : await authorityIn(folder, now)
    const shown = own ?? (await leafIn(folder, this.authority as Certified, addresses, now))
    const context = { cert: shown.certificate, key: shown.key, minVersion: 'TLSv1.2' } as const
    for (const [address, server] of this.servers)
      if (addresses.includes(address)) server.setSecureContext(context)
      else {
        this.servers.delete(address)
        server.close()
        server.closeAllConnections()
      }
    for (const address of addresses) {
      if (this.servers.has(address)) continue
      const server = createServer(context, this.listener)
      await new Promise<void>((resolve, reject) => {
        server.on('error', reject)
        server.listen(this.opening.port, address, resolve)
      })
      this.servers.set(address, server)
    }
  }

  close(): void {
    clearInterval(this.timer)
    for (const server of this.servers.values()) {
      server.close()
      server.closeAllConnections()
    }
    this.servers.clear()
  }
}
