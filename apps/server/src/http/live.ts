import type { Express, Request } from 'express'
import { PAGE_HEADER } from '@bold-heron/schema'
import { NewsLine } from '../sharing/news-line.js'
import { Streams } from '../sharing/streams.js'
import { mustBe } from '../sharing/who.js'
import type { Workshop } from '../store/workshop.js'

/** Questions that only look like changes, as they bring what they are about along. */
const ONLY_ASKS = /^\/(plans|plan-requests|simulations|borders|cards|nests|orders|pairing-codes|evenings\/[^/]+\/plan)/
/** No page shows more of an address than this, and none need believe more of a header. */
const LONGEST = 40

const isChange = ({ method, path }: Pick<Request, 'method' | 'path'>): boolean =>
  !['GET', 'HEAD'].includes(method) && !ONLY_ASKS.test(path)

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
      const [, about = '', id = ''] = request.path.split('/')
      const { method } = request
      if (isChange(request))
        response.on('finish', () => {
          if (response.statusCode >= 300) return
          const page = (request.get(PAGE_HEADER) ?? '').slice(0, LONGEST)
          this.say({ about: about.slice(0, LONGEST), page })
          if (about === 'paired-devices' && method === 'DELETE') this.say({ gone: id })
        })
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

  /** Whoever is not told looks for themselves, once the page is looked at. */
  private say(said: Parameters<NewsLine['say']>[0]): void {
    this.line.say(said).catch(() => undefined)
  }

  async close(): Promise<void> {
    this.streams.close()
    await this.line.close()
  }
}
