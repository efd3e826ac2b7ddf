import { diesOfClasses } from '@bold-heron/core'
import { type DieRow, plainQuestion, type PlanQuestion } from '@bold-heron/schema'
import { Printer } from 'lucide-react'
import { Trans, useTranslation } from 'react-i18next'
import { useSearchParams } from 'react-router'
import { useBlockRow } from '../../../data/plan.js'
import { useEveryRow, useRowsPage } from '../../../data/rows.js'
import { RowPicker } from '../../../drawing/pick/RowPicker.js'
import { BlockRow } from '../../../pressing/placed/BlockRow.js'
import { useLengths } from '../../../text/lengths.js'
import { Button } from '../../../ui/Button.js'
import { Empty, Loaded, Loading } from '../../../ui/states.js'

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
                <BlockRow key={JSON.stringify(block.material)} block={block} />
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
  const newest = useRowsPage('runs', { pageSize: 1 }).data
  if (!presses || !sheets || !dies || !newest) return <Loading what={t('wall.loading')} />
  // What was pressed last is likely what is asked about.
  const press = presses.find(({ id }) => id === (asked.get('press') ?? newest.items[0]?.pressId)) ?? presses[0]
  const sheet = sheets.find(({ id }) => id === (asked.get('sheet') ?? newest.items[0]?.sheetId)) ?? sheets[0]
  const take = (what: 'press' | 'sheet') => (id: string) =>
    setAsked({ ...Object.fromEntries(asked), [what]: id }, { replace: true })
  if (!press || !sheet) return <Empty title={t('wall.blocks.noneTitle')}>{t('wall.blocks.noneText')}</Empty>
  const shown = diesOfClasses(dies, press)
  const questionOf = (die: DieRow): PlanQuestion => ({
    ...plainQuestion,
    technique: 'cut',
    region: 'all',
    dieIds: [die.id],
    sheetId: sheet.id,
    sheetCount: 1,
    pressId: press.id,
  })
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
