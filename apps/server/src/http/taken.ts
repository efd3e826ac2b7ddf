import type { Request, Response } from 'express'

/** Whether a request asks without changing anything, by its method. */
export const isRead = (method: string): boolean => method === 'GET' || method === 'HEAD'

/** Questions that only look like changes, as they bring what they are about along. */
const BRINGS_ITS_OWN =
  /^\/(plans|plan-requests|simulations|borders|cards|nests|orders|pairing-codes|evenings\/[^/]+\/plan)/

/** Whether a request of the API changes something; its path is that below the API's. */
export const isChange = ({ method, path }: Pick<Request, 'method' | 'path'>): boolean =>
  !isRead(method) && !BRINGS_ITS_OWN.test(path)

const quiet = new WeakSet<Response>()

/** Says that a request changed nothing that anybody sees, whatever its method. */
export const changesNothing = (response: Response): void => void quiet.add(response)

/** Does something once a request was answered, not refused, and changed something. */
export const onceTaken = (response: Response, then: () => void): void => {
  response.on('finish', () => {
    if (response.statusCode < 300 && !quiet.has(response)) then()
  })
}
