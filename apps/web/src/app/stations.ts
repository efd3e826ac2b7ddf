import { bench } from '../stations/bench/station.js'
import { cards } from '../stations/cards/station.js'
import { jobs } from '../stations/jobs/station.js'
import { log } from '../stations/log/station.js'
import { place } from '../stations/place/station.js'
import { plan } from '../stations/plan/station.js'
import { practice } from '../stations/practice/station.js'
import { shelf } from '../stations/shelf/station.js'
import { wall } from '../stations/wall/station.js'
import { welcome } from '../stations/welcome/station.js'
import { words } from '../stations/words/station.js'
import { workshop } from '../stations/workshop/station.js'
import type { Station, StationNav } from '../stations/station.js'

/** Every station, in the order people work. */
export const stations = [jobs, shelf, wall, cards, log, plan, place, bench, practice, workshop, words, welcome] as const

type SomeStation = (typeof stations)[number]
/** A station as the router reads it. */
export type AnyStation = Station<string, unknown, StationNav | undefined>
type Reached = Extract<SomeStation, Station<string, unknown, StationNav>>

/** The stations that are reached with a key. */
export const reachedStations: readonly Reached[] = stations.filter(
  (station): station is Reached => station.nav !== undefined,
)

/** Stations with a door of their own, and those behind the button for the rest. */
export const doors: readonly Reached[] = reachedStations.filter(({ nav }) => nav.at === 'door')
export const restStations: readonly Reached[] = reachedStations.filter(({ nav }) => nav.at === 'rest')

/** Stations that are steps of a job: its own log is the last. */
export const stepStations = [plan, place, bench, log] as const

/** Where a station is; a step of a job where the one in hand is, or where one is chosen. */
export const stationPath = ({ id, nav }: Reached, jobId: string | undefined): string =>
  nav.at !== 'job' ? `/${id}` : jobId === undefined ? '/jobs' : `/jobs/${jobId}/${id}`

type Both<Union> = (Union extends unknown ? (each: Union) => void : never) extends (all: infer All) => void
  ? All
  : never

/** What all stations say. */
export type StationWords = Both<NonNullable<SomeStation['words']>>
