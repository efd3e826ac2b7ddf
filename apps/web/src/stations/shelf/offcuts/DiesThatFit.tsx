import { USUAL_EDGE_MM, USUAL_GAP_MM } from '@bold-heron/core'
import type { DieRow, OffcutRow } from '@bold-heron/schema'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { editionOf } from '../../../data/editions.js'
import { usePieceShapes } from '../../../data/nesting.js'
import { DieThumb } from '../../../drawing/DieThumb.js'
import { Button } from '../../../ui/Button.js'
import { layPieces } from '../../../workers/nest.js'

/** ms that are spent on each die: whether one piece of it fits is soon known. */
const MS_A_DIE = 250

/** Which dies fit a leftover, largest first, each by its true outline. */
export const DiesThatFit = ({
  offcut,
  dies,
  onPick,
}: {
  readonly offcut: OffcutRow
  readonly dies: readonly DieRow[]
  readonly onPick: (dieId: string) => void
}) => {
  const { t } = useTranslation()
  const outlines = usePieceShapes(dies).data
  const [outer, ...holes] = offcut.loops
  const longest = Math.hypot(offcut.lengthMm, offcut.widthMm)
  const fitting = useQuery({
    queryKey: ['offcuts', 'dies', offcut.id, offcut.version, editionOf(outlines)],
    enabled: outlines !== undefined && dies.length > 0,
    queryFn: async ({ signal }) => {
      const fit: string[] = []
      for (const die of dies) {
        if (signal.aborted) break
        const outline = outlines?.get(die.id)?.outline
        // What is longer than the leftover's diagonal need not be tried.
        if (!outline || !outer || Math.max(die.lengthMm, die.widthMm) > longest) continue
        const found = await layPieces(
          {
            sheet: { outline: outer, holes },
            pieces: [{ outline, count: 1, turns: 'any' }],
            gapMm: USUAL_GAP_MM,
            edgeMm: USUAL_EDGE_MM,
            seed: 1,
          },
          MS_A_DIE,
          { signal, enough: 'fits' },
        )
        if (found && found.placed.length > 0) fit.push(die.id)
      }
      return fit
    },
  })
  if (!fitting.data) return <p className="text-ink-soft">{t('shelf.fit.lookingDies')}</p>
  const found = dies
    .filter(({ id }) => fitting.data.includes(id))
    .sort((one, other) => other.lengthMm * other.widthMm - one.lengthMm * one.widthMm)
  return (
    <section>
      <h3 className="mb-1 font-bold">{t('shelf.fit.diesTitle')}</h3>
      {found.length === 0 ? (
        <p>{t('shelf.fit.noDies')}</p>
      ) : (
        <ul className="flex flex-wrap gap-2">
          {found.map((die) => (
            <li key={die.id}>
              <Button onClick={() => onPick(die.id)}>
                <DieThumb die={die} /> {die.name}
              </Button>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
