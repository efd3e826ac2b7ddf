import type { News } from '@bold-heron/schema'
import pg from 'pg'
import type { Sequelize } from 'sequelize'

const CHANNEL = 'heron_news'
/** ms. So long after the line broke it is laid anew. */
const ANEW_MS = 1000

/** Something changed, or a device was sent away. */
type Said = News | { readonly gone: string }

/**
 * Tells every server on this database what changed, by PostgreSQL's own notices, and hears it from all of them. While the line is broken
 * nothing is heard: pages look for themselves when they are looked at.
 */
export class NewsLine {
  private client: pg.Client | undefined
  private timer: NodeJS.Timeout | undefined
  private isClosed = false

  constructor(
    private readonly sequelize: Sequelize,
    private readonly databaseUrl: string,
    private readonly hear: (said: Said) => void,
  ) {}

  /** Begins to listen; resolves once it does, or once it is known that the database is away. */
  async open(): Promise<void> {
    const client = new pg.Client({ connectionString: this.databaseUrl })
    this.client = client
    client.on('notification', ({ payload }) => {
      if (payload !== undefined) this.hear(JSON.parse(payload) as Said)
    })
    client.on('error', () => this.layAnew())
    client.on('end', () => this.layAnew())
    try {
      await client.connect()
      await client.query(`LISTEN ${CHANNEL}`)
    } catch {
      this.layAnew()
    }
  }

  private layAnew(): void {
    if (this.isClosed || this.timer) return
    this.timer = setTimeout(() => {
      this.timer = undefined
      void this.client?.end().catch(() => undefined)
      void this.open()
    }, ANEW_MS)
    this.timer.unref()
  }

  async say(said: Said): Promise<void> {
    await this.sequelize.query('SELECT pg_notify(:channel, :payload)', {
      replacements: { channel: CHANNEL, payload: JSON.stringify(said) },
    })
  }

  async close(): Promise<void> {
    this.isClosed = true
    clearTimeout(this.timer)
    await this.client?.end().catch(() => undefined)
  }
}
