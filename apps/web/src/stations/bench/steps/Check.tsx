import { bestFace, type Layer, type Stack } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { sayLie } from '../../../pressing/say-lie.js'
import { BenchTitle } from './BenchTitle.js'
import { Care } from './Care.js'
import type { ShownStep } from './step.js'

interface Line {
  readonly text: string
  readonly face?: string | undefined
  readonly count: number
}

/** Everything that has to be on the table, once each. */
const useLines = (stack: Stack): Map<string, Line> => {
  const { t } = useTranslation()
  const lines = new Map<string, Line>()
  const faceOf = (layer: Extract<Layer, { is: 'plate' }>): string | undefined =>
    sayLie(t, layer) ??
    (layer.role === 'bed'
      ? t(bestFace(layer.plate) === 'fresh' ? 'bench.check.face' : 'bench.check.faceLined')
      : lines.get(layer.plate.id)?.face)
  for (const layer of stack)
    if (layer.is === 'sheets')
      lines.set('sheets', { text: t('bench.check.sheets', { count: layer.count, name: layer.sheet.name }), count: 1 })
    else if (layer.is === 'dies') lines.set('dies', { text: layer.dies.map((die) => die.name).join(', '), count: 1 })
    else {
      const { id, name } = layer.plate
      lines.set(id, { text: name, face: faceOf(layer), count: (lines.get(id)?.count ?? 0) + 1 })
    }
  return lines
}

/** Get everything out, and look it over. */
export const Check: ShownStep<'check'> = ({ stack, request }) => {
  const { t } = useTranslation()
  const lines = useLines(stack)
  return (
    <>
      <BenchTitle>{t('bench.check.title')}</BenchTitle>
      <ul className="space-y-1">
        {[...lines].map(([id, { text, face, count }]) => (
          <li key={id} className="border-b border-line py-1.5">
            <strong>{count > 1 ? `${count} × ${text}` : text}</strong>
            {face && <span className="text-ink-soft"> · {face}</span>}
          </li>
        ))}
      </ul>
      <p>{t('bench.check.text')}</p>
      {(request.learnt?.pressRuns ?? 0) === 0 && <Care>{t('bench.check.firstHere')}</Care>}
    </>
  )
}
