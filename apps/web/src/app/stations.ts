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
export const stations = [jobs, cards, wall, shelf, plan, place, bench, log, practice, workshop, words, welcome] as const

type AnyStation = (typeof stations)[number]
type Reached = Extract<AnyStation, Station<string, unknown, StationNav>>

/** The stations that are reached from everywhere. */
export const reachedStations: readonly Reached[] = stations.filter(
  (station): station is Reached => station.nav !== undefined,
)

type WithJob = Extract<Reached, { readonly nav: { readonly withJob: true } }>

/** Stations that want a job. */
export type StationWithJob = WithJob['id']

export const isWithJob = (station: AnyStation): station is WithJob => station.nav?.withJob === true

/** Where a station is, with the job in hand where it goes along. */
export const stationPath = ({ id, nav }: Reached, jobId: string | undefined): string =>
  nav.withJob && jobId !== undefined ? `/${id}/${jobId}` : `/${id}`

type Both<Union> = (Union extends unknown ? (each: Union) => void : never) extends (all: infer All) => void
  ? All
  : never

/** What all stations say. */
export type StationWords = Both<NonNullable<AnyStation['words']>>
