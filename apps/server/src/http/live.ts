import type { Express } from 'express'
import { PAGE_HEADER } from '@bold-heron/schema'
import { NewsLine } from '../sharing/news-line.js'
import { Streams } from '../sharing/streams.js'
import { mustBe } from '../sharing/who.js'
import type { Workshop } from '../store/workshop.js'
import { isChange, onceTaken } from './taken.js'

/** No page shows more of an address than this, and none need believe more of a header. */
const LONGEST = 40

/** Tells every page what any of them changed, within a moment, over every server on this database. */
export class Live {
  private readonly streams = new Streams()
  private readonly line: NewsLine
  private isOpen = false

  constructor({ sequelize }: Workshop, databaseUrl: string) {
    this.line = new NewsLine(sequelize, databaseUrl, (said) =>
      'gone' in said ? this.streams.endOf(said.gone) : this.streams.tell(said),
    )
  }

  /** Notices every change that the API takes, and answers who listens; to be mounted before what it is to notice. */
  mount(app: Express): void {
    app.use('/api', (request, response, next) => {
      const [, about = ''] = request.path.split('/')
      const page = request.get(PAGE_HEADER) ?? ''
      if (isChange(request))
        onceTaken(response, () => this.say({ about: about.slice(0, LONGEST), page: page.slice(0, LONGEST) }))
      next()
    })
    app.get('/api/news', async (request, response) => {
      mustBe(request, 'bench')
      if (!this.isOpen) {
        this.isOpen = true
        await this.line.open()
      }
      this.streams.add(request, response)
    })
  }

  /** Ends whatever a device that was sent away listens to, on every server. */
  endFor(deviceId: string): void {
    this.say({ gone: deviceId })
  }

  /** Whoever is not told looks for themselves, once the page is looked at. */
  private say(said: Parameters<NewsLine['say']>[0]): void {
    this.line.say(said).catch(() => undefined)
  }

  async close(): Promise<void> {
    this.streams.close()
    await this.line.close()
  }
}
