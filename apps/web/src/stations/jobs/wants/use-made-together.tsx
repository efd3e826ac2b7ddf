import type { WantId } from '@bold-heron/core'
import { asInlay, type JobInput, runInHandOf } from '@bold-heron/schema'
import { type ReactNode, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { jobPath } from '../../../data/job-address.js'
import { takeJobInHand } from '../../../data/job-in-hand.js'
import { useMakePair, useMakeRaisedJob } from '../../../data/made-together.js'
import { useAddRow, useRowsById } from '../../../data/rows.js'
import { GlueFields, usualGlued } from './GlueFields.js'
import { InlayFields, usualInlaid } from './InlayFields.js'
import { PairFields, useOverDie, usualPairing } from './PairFields.js'

/** A want that is more than a job of its own: what it asks beside the job's fields, and how all of it is made at once. */
interface MadeTogether {
  readonly makes: boolean
  readonly fields: ReactNode
  readonly error: unknown
  /** Makes it, and says where to go on; nothing where something is still to be chosen. */
  make(input: JobInput): Promise<string | undefined>
}

/** Layers glued up into a shape, a base with what lies over it, and an inlay: made together with their jobs. */
export const useMadeTogether = (want: WantId, dieIds: readonly string[]): MadeTogether => {
  const { t } = useTranslation()
  const dies = useRowsById('dies')
  const [glued, setGlued] = useState(usualGlued)
  const [pairing, setPairing] = useState(usualPairing)
  const [inlaid, setInlaid] = useState(usualInlaid)
  const add = useAddRow('jobs')
  const [fault, setFault] = useState<string>()
  const overDie = useOverDie(dieIds[0])
  const raising = useMakeRaisedJob()
  const pair = useMakePair()
  const lacking = (what: string): undefined => {
    setFault(what)
    return undefined
  }
  const raise = async (job: JobInput) => {
    if (glued.sheetId === '') return lacking(t('jobs.glue.noSheet'))
    const { layers } = glued
    const die = dies.get(dieIds[0] ?? '')?.name ?? ''
    const made = await raising.mutateAsync({ job, ...glued, shapeName: t('jobs.glue.shapeName', { die, layers }) })
    takeJobInHand(made.id)
    return jobPath(made.id, 'plan')
  }
  const lay = async (job: JobInput) => {
    const overDieId = pairing.overDieId ?? overDie
    const overSheetIds = pairing.overSheetIds.filter((id) => id !== '')
    if (overDieId === '') return lacking(t('jobs.pair.noDie'))
    if (overSheetIds.length === 0) return lacking(t('jobs.pair.noSheet'))
    const { dieIds: its, sheetId, bladeSide } = runInHandOf(job)
    const more = pairing.moreBaseSheetIds.filter((id) => id !== '')
    const { name, pressId, wanted } = job
    const input = { name, pressId, baseDieId: its[0] ?? '', overDieId, baseSheetIds: [sheetId, ...more], overSheetIds }
    await pair.mutateAsync({ ...input, each: wanted, join: pairing.join, bladeSide })
    return '/cards'
  }
  const letIn = async (job: JobInput) => {
    const { pieceSheetId, maskSheetId } = inlaid
    if (pieceSheetId === '' || maskSheetId === '') return lacking(t('jobs.inlay.noSheet'))
    const names = {
      mask: t('jobs.inlay.run.mask'),
      recess: t('jobs.inlay.run.recess'),
      piece: t('jobs.inlay.run.piece'),
    }
    const made = await add.mutateAsync(asInlay(job, { pieceSheetId, maskSheetId, names }))
    takeJobInHand(made.id)
    return jobPath(made.id, 'plan')
  }
  if (want === 'inlay')
    return {
      makes: true,
      fields: <InlayFields inlaid={inlaid} fault={fault} onChange={setInlaid} />,
      error: add.error,
      make: letIn,
    }
  if (want === 'cut-glue-raise')
    return {
      makes: true,
      fields: <GlueFields glued={glued} fault={fault} onChange={setGlued} />,
      error: raising.error,
      make: raise,
    }
  if (want === 'pair')
    return {
      makes: true,
      fields: <PairFields pairing={pairing} fault={fault} onChange={setPairing} />,
      error: pair.error,
      make: lay,
    }
  return { makes: false, fields: null, error: undefined, make: () => Promise.resolve(undefined) }
}
