import { devices as devicesSchema } from '@bold-heron/schema'
import { useQuery } from '@tanstack/react-query'
import { useCallback, useEffect, useRef, useState } from 'react'
import { ask } from '../data/client.js'
import { type Caliper, type CaliperListener, connectByWebSocket } from './caliper.js'
import { connectBySerial } from './serial-caliper.js'

export type Connection = 'none' | 'connecting' | 'connected' | 'failed'

/** A caliper for as long as a dialog is open, and what it has read so far, mm. */
export const useCaliper = () => {
  const devices = useQuery({
    queryKey: ['devices'],
    queryFn: ({ signal }) => ask('/api/devices', devicesSchema, { signal }),
    staleTime: Infinity,
  })
  const [connection, setConnection] = useState<Connection>('none')
  const [readings, setReadings] = useState<readonly number[]>([])
  const caliper = useRef<Caliper>(undefined)
  useEffect(() => () => caliper.current?.close(), [])
  const connect = useCallback(async (open: (listener: CaliperListener) => Promise<Caliper>) => {
    setConnection('connecting')
    try {
      caliper.current = await open({
        reading: (mm) => setReadings((before) => [...before, mm]),
        gone: () => {
          caliper.current = undefined
          setConnection('none')
        },
      })
      setConnection('connected')
    } catch {
      setConnection('failed')
    }
  }, [])
  const url = devices.data?.caliperUrl ?? undefined
  return {
    connection,
    readings,
    /** Whether a simulated one is there to connect to. */
    hasSimulated: url !== undefined,
    connectSimulated: (holdingMm: number) =>
      url === undefined
        ? undefined
        : void connect((listener) => connectByWebSocket(url, listener)).then(() => caliper.current?.holding(holdingMm)),
    connectSerial: () => void connect(connectBySerial),
    /** Says that something else is between the jaws, about so thick, mm. */
    hold: (mm: number) => caliper.current?.holding(mm),
    read: () => caliper.current?.read(),
    forget: () => setReadings([]),
  }
}
