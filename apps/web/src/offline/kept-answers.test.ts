import { describe, expect, it } from 'vitest'
import { keepsAnswer, mayTakeOver } from './kept-answers.js'

describe('what a device keeps of the server’s answers', () => {
  const get = (path: string, accept: string | null = null) => keepsAnswer({ path, method: 'GET', accept })

  it('is what pages and plans are made of', () => {
    for (const path of ['/api/jobs', '/api/jobs/7/plan-request', '/api/bundle', '/api/photos/7', '/api/who'])
      expect([path, get(path)]).toEqual([path, true])
  })

  it('is never a change, a stream, whether the server is there, or who may come in', () => {
    expect(keepsAnswer({ path: '/api/jobs', method: 'POST', accept: null })).toBe(false)
    expect(get('/api/charts/7/made', 'application/x-ndjson')).toBe(false)
    for (const path of [
      '/api/news',
      '/api/health',
      '/api/sharing',
      '/api/csv/plates',
      '/api/workshop',
      '/jobs',
      '/pair',
    ])
      expect([path, get(path)]).toEqual([path, false])
  })
})

describe('a newer edition', () => {
  const pieces = ['assets/index-new.js', 'index.html']

  it('takes over for a page of its own that is alone', () => {
    expect(mayTakeOver(pieces, { entry: 'https://heron/assets/index-new.js', pagesOpen: 1 })).toBe(true)
  })

  it('waits while a page of the older one may still want pieces of it', () => {
    expect(mayTakeOver(pieces, { entry: 'https://heron/assets/index-new.js', pagesOpen: 2 })).toBe(false)
    expect(mayTakeOver(pieces, { entry: 'https://heron/assets/index-old.js', pagesOpen: 1 })).toBe(false)
  })
})
