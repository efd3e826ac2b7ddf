import { adviceOnPad, bowMmOf, type FaceWear, passesLeft, ZONE_MM } from '@bold-heron/core'
import { matWear, padWear, type PadWearRow, toPlate } from '@bold-heron/schema'
import { z } from 'zod'
import { PlateModel } from '../../store/models/plate-model.js'
import { wearOfMats } from '../../store/mat-wear.js'
import { wearOfPads } from '../../store/pad-wear.js'
import { toPlateRow } from '../../store/plates.js'
import { inSnapshot } from '../../store/transactions.js'
import type { Workshop } from '../../store/workshop.js'
import { route, type Route } from '../route.js'

/** A tenth of a mm is finer than anybody's eye, and keeps the answer short. */
const tenths = (mm: number): number => Math.round(mm * 10) / 10

const roundedFace = ({ passes, cutMm, zonesMm }: FaceWear): PadWearRow['faces']['a'] => ({
  passes: tenths(passes),
  cutMm: tenths(cutMm),
  zonesMm: Array.from(zonesMm, tenths),
})

/** What the log says of every cutting pad, and of mats and folders. */
export const padRoutes = (workshop: Workshop): Route[] => [
  route({
    method: 'get',
    path: '/api/mat-wear',
    for: 'bench',
    summary: 'What mats, impression pads and folders have borne, by the log',
    answers: { 200: { says: 'Those that lay in a run', schema: matWear } },
    handle: () => inSnapshot(workshop.sequelize, wearOfMats),
  }),
  route({
    method: 'get',
    path: '/api/pad-wear',
    for: 'bench',
    summary: 'What every cutting pad has borne, by the log',
    answers: { 200: { says: 'The pads', schema: z.array(padWear) } },
    handle() {
      return inSnapshot(workshop.sequelize, async (transaction) => {
        const wear = await wearOfPads(transaction)
        const stored = await PlateModel.findAll({
          where: { id: [...wear.keys()], retiredAt: null },
          order: [
            ['name', 'ASC'],
            ['id', 'ASC'],
          ],
          transaction,
        })
        return stored.flatMap((plate): PadWearRow[] => {
          const borne = wear.get(plate.id)
          if (!borne) return []
          return [
            {
              plateId: plate.id,
              name: plate.name,
              zoneMm: ZONE_MM,
              columns: borne.columns,
              rows: borne.rows,
              faces: { a: roundedFace(borne.faces.a), b: roundedFace(borne.faces.b) },
              bowMm: Math.round(bowMmOf(borne) * 1000) / 1000,
              passesLeft: passesLeft(borne) ?? null,
              advice: adviceOnPad(borne, toPlate(toPlateRow(plate))),
            },
          ]
        })
      })
    },
  }),
]
