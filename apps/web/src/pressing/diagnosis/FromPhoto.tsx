import { useState } from 'react'
import type { LookAsked, LookFault } from '@bold-heron/formats'
import type { StretchPaths } from '../../paths/stretch-paths.js'
import { Choice } from '../../ui/Choice.js'
import { FilePicker } from '../../ui/FilePicker.js'
import { readPicture } from '../../ui/square-up/read-picture.js'
import { looker } from '../../workers/look.js'
import type { DiagnosisWords } from './words.js'

type Outcome = 'reading' | 'read' | 'no-picture' | LookFault

/** A photo of the cut against the light, read as a painting to be put right; it never leaves the machine. */
export const FromPhoto = ({
  words: { photo: words },
  paths,
  onRead,
}: {
  readonly words: DiagnosisWords
  readonly paths: StretchPaths
  readonly onRead: (painted: readonly boolean[]) => void
}) => {
  const [light, setLight] = useState<LookAsked['light']>('behind')
  const [side, setSide] = useState<LookAsked['side']>('front')
  const [outcome, setOutcome] = useState<Outcome>()
  const read = async (file: File) => {
    setOutcome('reading')
    const picture = await readPicture(file).catch(() => undefined)
    if (!picture) return setOutcome('no-picture')
    const found = await looker().read({ picture, lines: paths.lines, side, light })
    if (!found.read) return setOutcome(found.why)
    setOutcome('read')
    // Lines are told in the very stretches that are painted.
    onRead(paths.stretches.map((_, at) => (found.stretches[at]?.hanging ?? 0) >= 0.5))
  }
  return (
    <details className="rounded-md border border-line p-3">
      <summary className="min-h-11 cursor-pointer font-bold">{words.title}</summary>
      <p className="my-2 text-base">{words.how}</p>
      <div className="flex flex-wrap items-center gap-3">
        <Choice
          label={words.light}
          tall
          value={light}
          onChange={setLight}
          options={(['behind', 'dark-ground'] as const).map((value) => ({ value, text: words.lights[value] }))}
        />
        <Choice
          label={words.side}
          tall
          value={side}
          onChange={setSide}
          options={(['front', 'back'] as const).map((value) => ({ value, text: words.sides[value] }))}
        />
        <FilePicker label={words.take} accept="image/*" onFile={(file) => void read(file)} />
      </div>
      {outcome && (
        <p role="status" className="mt-2 text-base">
          {words.outcomes[outcome]}
        </p>
      )}
    </details>
  )
}
