import type { Drive, PressSample } from '@bold-heron/core'
import { mechanicsOf } from '@bold-heron/schema'
import { useMemo } from 'react'
import { useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { usePressSample } from '../../../data/try-out.js'
import { useLengths } from '../../../text/lengths.js'
import { sayCut } from '../../../text/say-cut.js'
import { pressForm } from './press-form.js'

type Mechanics = Parameters<typeof mechanicsOf>[0]

/** The press by its class alone, and as it was entered. */
const bothOf = (pressClass: Mechanics['pressClass'], throatMm: number, numbers: Mechanics['numbers']) => ({
  usual: mechanicsOf({ pressClass, throatMm, numbers: [] }),
  own: mechanicsOf({ pressClass, throatMm, numbers }),
  hasOwn: numbers.length > 0,
})

const handleOf = (sample: PressSample, drive: Drive): number =>
  Math.round(drive.by === 'hand' ? (sample.first.handleForceN ?? 0) : sample.first.peakForceN)

/** What the press as entered does with one and the same cut, beside what is usual for its class. */
export const PressEffect = () => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const { style } = lengths
  const raws = useWatch()
  const read = pressForm.read(raws, style)
  // The form makes new objects at every keystroke; only what enters the sample counts.
  const key = read.ok ? JSON.stringify([read.input.pressClass, read.input.throatMm, read.input.numbers]) : ''
  const both = useMemo(() => {
    if (key === '') return undefined
    const [pressClass, throatMm, numbers] = JSON.parse(key) as Parameters<typeof bothOf>
    return bothOf(pressClass, throatMm, numbers)
  }, [key])
  const usual = usePressSample(both?.usual)
  const own = usePressSample(both?.own)
  if (!both || !usual.data || !own.data) return null
  const columns = [
    { title: t('shelf.build.usualColumn'), sample: usual.data, drive: both.usual.drive },
    ...(both.hasOwn ? [{ title: t('shelf.build.ownColumn'), sample: own.data, drive: both.own.drive }] : []),
  ]
  const rows = [
    {
      label: t(both.own.drive.by === 'hand' ? 'shelf.build.handle' : 'shelf.build.nip'),
      say: ({ sample, drive }: (typeof columns)[number]) =>
        `${handleOf(sample, drive)} N, ${t(`words.predictedFeel.${sample.first.feel}`)}`,
    },
    { label: t('shelf.build.first'), say: ({ sample }: (typeof columns)[number]) => sayCut(t, lengths, sample.first) },
    {
      label: t('shelf.build.passes'),
      say: ({ sample }: (typeof columns)[number]) => (sample.passes === undefined ? '—' : String(sample.passes)),
    },
  ]
  return (
    <div className="mt-2 rounded-md bg-sunk px-3 py-2" aria-live="polite">
      <p className="text-sm">{t('shelf.build.sample')}</p>
      <table className="mt-1 w-full text-left">
        <thead>
          <tr className="text-sm text-ink-soft">
            <td />
            {columns.map(({ title }) => (
              <th key={title} scope="col" className="font-normal">
                {title}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ label, say }) => (
            <tr key={label}>
              <th scope="row" className="pr-3 font-normal">
                {label}
              </th>
              {columns.map((column) => (
                <td key={column.title} className="pr-3 font-bold">
                  {say(column)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
