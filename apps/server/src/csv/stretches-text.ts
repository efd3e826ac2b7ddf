import type { HangingStretch } from '@bold-heron/core'

/** Stretches that hung in one cell: each as die, line and mm from its first point, "die/2/10-25". */
export const writeStretches = (stretches: readonly HangingStretch[]): string =>
  stretches.map(({ dieId, line, fromMm, toMm }) => `${dieId}/${line}/${fromMm}-${toMm}`).join(' | ')

const STRETCH = /^(.+)\/(\d+)\/([\d.]+)-([\d.]+)$/

/** The same read back; none where the cell is empty. What cannot be read is left for the schema to refuse. */
export const readStretches = (text: string): HangingStretch[] | undefined =>
  text.trim() === ''
    ? undefined
    : text.split(/\s*\|\s*/).map((each) => {
        const [, dieId = '', line = '', fromMm = '', toMm = ''] = STRETCH.exec(each.trim()) ?? []
        return { dieId, line: Number(line), fromMm: Number(fromMm), toMm: Number(toMm) }
      })
