import { type DieClass, type Fault, factsOfDieClass } from '@bold-heron/core'
import { type DrawingFaultCode, drawingLimits, type DrawingNote } from '@bold-heron/formats'
import type { DieRow } from '@bold-heron/schema'
import { useState } from 'react'
import { useFormContext, useWatch } from 'react-hook-form'
import { useStandIn, useStoredOutline } from '../../../data/outlines.js'
import type { OutlineView } from '../../../paths/outline-view.js'
import { useLengths } from '../../../text/lengths.js'
import { length } from '../../../ui/form/codec.js'
import { readInTime } from '../../../workers/drawing.js'
import { OutlineChoice } from './die-form.js'

const size = length('size')

/** The name of a file is kept for the record, as long as the record takes it. */
const LONGEST_NAME = 80

/** Why a file was not taken. */
export interface RefusedDrawing {
  readonly name: string
  readonly fault: Fault<DrawingFaultCode> | 'took-too-long'
}

/** What was just read from a file. */
interface Fresh {
  readonly view: OutlineView
  readonly notes: readonly DrawingNote[]
}

/** A length of the form in mm while it can be read, else a usual one, so that the stand-in has a shape. */
const useTypedMm = (name: string, otherwise: number): number => {
  const { style } = useLengths()
  const read = size.read(useWatch({ name }), style)
  return read.ok && read.value >= 1 && read.value <= 2000 ? read.value : otherwise
}

/** The lines of a die in its form: kept as they are stored, read from a file, traced, or a stand-in for them. */
export const useOutline = (row: DieRow | undefined) => {
  const lengths = useLengths()
  const { setValue } = useFormContext()
  const { outline } = useWatch({ name: 'outline' }) as OutlineChoice
  const dieClass = useWatch({ name: 'dieClass' }) as DieClass
  const laciness = (useWatch({ name: 'laciness' }) as number | null) ?? factsOfDieClass(dieClass).laciness
  const lengthMm = useTypedMm('lengthMm', 80)
  const widthMm = useTypedMm('widthMm', 60)
  const [fresh, setFresh] = useState<Fresh>()
  const [refused, setRefused] = useState<RefusedDrawing>()
  const [isReading, setReading] = useState(false)
  const stored = useStoredOutline(row)
  const keepsStored = outline === undefined && row?.outline != null
  const isStandIn = outline === null || (outline === undefined && !keepsStored)
  const standIn = useStandIn({ dieClass, lengthMm, widthMm, laciness }, isStandIn)

  const choose = (choice: OutlineChoice) => setValue('outline', choice, { shouldDirty: true })
  const takeSize = ({ measures }: OutlineView) => {
    setValue('lengthMm', size.write(Math.round(measures.lengthMm * 100) / 100, lengths.style), { shouldDirty: true })
    setValue('widthMm', size.write(Math.round(measures.widthMm * 100) / 100, lengths.style), { shouldDirty: true })
  }
  /** Takes lines, with their size, as those of the die. */
  const take = (
    source: 'drawing' | 'traced',
    lines: readonly (readonly number[])[],
    { view, notes }: Fresh,
    fileName: string,
  ) => {
    setFresh({ view, notes })
    takeSize(view)
    choose(
      new OutlineChoice({
        source,
        fileName: fileName.slice(0, LONGEST_NAME),
        lines: lines.map((line) => [...line]),
      }),
    )
  }
  const pick = async (file: File) => {
    setRefused(undefined)
    if (file.size > drawingLimits.fileSize) {
      setRefused({ name: file.name, fault: { code: 'file-too-large', path: '', value: `${file.size} B` } })
      return
    }
    setReading(true)
    try {
      const read = await readInTime(file.name, await file.text())
      if (read === 'took-too-long') setRefused({ name: file.name, fault: read })
      else if (!read.ok) setRefused({ name: file.name, fault: read.fault })
      else take('drawing', read.lines, read, file.name)
    } finally {
      setReading(false)
    }
  }
  return {
    dieClass,
    laciness,
    lengthMm,
    widthMm,
    isStandIn,
    isReading,
    refused,
    /** Whether a stored outline was put aside, and may be had back. */
    hasOther: row?.outline != null && !keepsStored,
    view: isStandIn ? standIn.data : keepsStored ? stored.data?.view : fresh?.view,
    lines: isStandIn ? undefined : keepsStored ? stored.data?.outline.lines : outline?.lines,
    fileName: keepsStored ? row.outline?.fileName : outline?.fileName,
    notes: isStandIn || keepsStored ? [] : (fresh?.notes ?? []),
    choose,
    take,
    takeSize,
    pick,
  }
}
