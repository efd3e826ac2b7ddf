import type { Request } from 'express'
import { TLSSocket } from 'node:tls'

/** Whether something came by the door to other devices: that one is of TLS, the machine's own is not. */
export const isShared = ({ socket }: Pick<Request, 'socket'>): boolean => socket instanceof TLSSocket
