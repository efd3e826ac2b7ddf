import { type ComparedBlock, diesOfClasses, techniqueOf, usualTechniqueFor } from '@bold-heron/core'
import type { DieRow, PlanQuestion } from '@bold-heron/schema'
import { Printer } from 'lucide-react'
import { Trans, useTranslation } from 'react-i18next'
import { useSearchParams } from 'react-router'
import { useHouseRules } from '../../../data/house-rules.js'
import { useBlockRow } from '../../../data/plan.js'
import { useEveryRow, useRowsPage } from '../../../data/rows.js'
import { RowPicker } from '../../../drawing/pick/RowPicker.js'
import { useLengths } from '../../../text/lengths.js'
import { sayChance } from '../../../text/say-cut.js'
import { sayPieces } from '../../../text/say-difference.js'
import { Button } from '../../../ui/Button.js'
import { Empty, Loaded, Loading } from '../../../ui/states.js'

/** A block, and what it asks of the stack. */
const Compared = ({ block: { name, found } }: { readonly block: ComparedBlock }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  return (
    <tr className="border-t border-line align-top">
      <th scope="row" className="w-2/5 py-1 pr-3 text-left font-bold">
        {name}
        {found && <span className="block font-normal">{lengths.thickness(found.heightMm)}</span>}
      </th>
      <td className="py-1">
        {found ? (
          <>
            {found.change.out.length > 0 && (
              <p>{t('wall.blocks.leaves', { pieces: sayPieces(t, found.change.out) })}</p>
            )}
            {found.change.into.length > 0 && (
              <p>{t('wall.blocks.fills', { pieces: sayPieces(t, found.change.into) })}</p>
            )}
            {found.change.out.length + found.change.into.length === 0 && <p>{t('wall.blocks.stays')}</p>}
            <p className="text-ink-soft">
              {t('wall.blocks.comesOut', {
                count: found.passes,
                chance: sayChance(t, found.chance),
                dent: sayChance(t, found.dentChance),
              })}
            </p>
          </>
        ) : (
          t('wall.blocks.none')
        )}
      </td>
    </tr>
  )
}

/** Every block for a class of die, by the die that stands for it. */
const OfClass = ({ die, question }: { readonly die: DieRow; readonly question: PlanQuestion }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  return (
    <section className="break-inside-avoid rounded-lg border border-line p-3">
      <h2 className="font-display text-lg font-semibold first-letter:uppercase">
        {t(`words.dieClass.${die.dieClass}`)}
      </h2>
      <p className="mb-2 text-ink-soft">
        {t('wall.blocks.ofClass', { die: die.name, size: lengths.area(die.lengthMm, die.widthMm) })}
      </p>
      <Loaded query={useBlockRow(question)} what={t('wall.blocks.working')}>
        {(blocks) => (
          <table className="w-full">
            <tbody>
              {blocks.map((block) => (
                <Compared key={JSON.stringify(block.material)} block={block} />
              ))}
            </tbody>
          </table>
        )}
      </Loaded>
    </section>
  )
}

/** A leaf for the wall: block by class of die, what leaves the stack and what fills it up, on one press and one sheet. */
export const Component = () => {
  const { t } = useTranslation()
  const [asked, setAsked] = useSearchParams()
  const presses = useEveryRow('presses').data
  const sheets = useEveryRow('sheets').data
  const dies = useEveryRow('dies').data
  const rules = useHouseRules().data
  const newest = useRowsPage('runs', { pageSize: 1 }).data
  if (!presses || !sheets || !dies || !rules || !newest) return <Loading what={t('wall.loading')} />
  // What was pressed last is likely what is asked about.
  const press = presses.find(({ id }) => id === (asked.get('press') ?? newest.items[0]?.pressId)) ?? presses[0]
  const sheet = sheets.find(({ id }) => id === (asked.get('sheet') ?? newest.items[0]?.sheetId)) ?? sheets[0]
  const take = (what: 'press' | 'sheet') => (id: string) =>
    setAsked({ ...Object.fromEntries(asked), [what]: id }, { replace: true })
  if (!press || !sheet) return <Empty title={t('wall.blocks.noneTitle')}>{t('wall.blocks.noneText')}</Empty>
  const shown = diesOfClasses(dies, press)
  const questionOf = (die: DieRow): PlanQuestion => {
    const technique = usualTechniqueFor(die.dieClass)
    return {
      technique,
      region: 'all',
      dieIds: [die.id],
      sheetId: sheet.id,
      sheetCount: 1,
      bladeSide: techniqueOf(technique).bladeSide ?? rules.bladeSide,
      pressId: press.id,
      onlyOne: false,
      once: false,
      offcutId: null,
      waxedPaper: null,
    }
  }
  return (
    <>
      <h1 className="hidden text-2xl print:block">{t('wall.blocks.title')}</h1>
      <div className="mb-1 flex flex-wrap items-center justify-between gap-3">
        <p className="text-lg leading-9">
          <Trans
            i18nKey="wall.blocks.sentence"
            components={{
              press: (
                <RowPicker
                  kind="presses"
                  look="word"
                  label={t('wall.blocks.press')}
                  value={press.id}
                  onPick={take('press')}
                />
              ),
              sheet: (
                <RowPicker
                  kind="sheets"
                  look="word"
                  label={t('wall.blocks.sheet')}
                  value={sheet.id}
                  onPick={take('sheet')}
                />
              ),
            }}
          />
        </p>
        <Button className="print:hidden" icon={<Printer aria-hidden size={16} />} onClick={() => window.print()}>
          {t('wall.blocks.print')}
        </Button>
      </div>
      <p className="mb-3 max-w-prose text-ink-soft">{t('wall.blocks.howToRead')}</p>
      {shown.length === 0 ? (
        <Empty title={t('wall.blocks.noDieTitle')}>{t('wall.blocks.noDieText')}</Empty>
      ) : (
        <div className="grid gap-3 lg:grid-cols-2">
          {shown.map((die) => (
            <OfClass key={die.id} die={die} question={questionOf(die)} />
          ))}
        </div>
      )}
      <p className="mt-3 max-w-prose">{t('wall.caution')}</p>
    </>
  )
}
