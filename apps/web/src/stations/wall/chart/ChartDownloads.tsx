import { type ChartPaper, chartPaperNames } from '@bold-heron/formats'
import type { ChartRow, ComputedChart } from '@bold-heron/schema'
import { Download, Printer } from 'lucide-react'
import Papa from 'papaparse'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useNotePrinted } from '../../../data/charts.js'
import { useLengths } from '../../../text/lengths.js'
import { Button } from '../../../ui/Button.js'
import { Choice } from '../../../ui/Choice.js'
import { saveFile } from '../../../ui/save-file.js'
import { useSayTrouble } from '../../../ui/use-say-trouble.js'
import { drawing } from '../../../workers/drawing.js'
import { printedChart, tableOfChart } from './printed-chart.js'

/** The chart for the wall as PDF, for a spreadsheet as CSV, for programs as JSON. */
export const ChartDownloads = ({ row, computed }: { readonly row: ChartRow; readonly computed: ComputedChart }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const sayTrouble = useSayTrouble()
  const note = useNotePrinted(row)
  const [paper, setPaper] = useState<ChartPaper>('a4')
  const fileName = row.name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()
  const print = async () => {
    try {
      const chart = printedChart(t, lengths, row.name, computed)
      // The worker fills the numbers in, page by page.
      const pages = t('wall.print.page', { page: '{{page}}', of: '{{of}}' })
      saveFile(`${fileName}.pdf`, 'application/pdf', await drawing().chart(chart, pages, paper))
      note.mutate(computed.basis)
    } catch (error) {
      sayTrouble(error)
    }
  }
  return (
    <div className="flex flex-wrap items-center gap-2">
      <Choice
        label={t('wall.print.paper')}
        value={paper}
        options={chartPaperNames.map((each) => ({ value: each, text: t(`wall.print.papers.${each}`) }))}
        onChange={setPaper}
      />
      <Button icon={<Printer aria-hidden size={18} />} onClick={() => void print()}>
        {t('wall.print.pdf')}
      </Button>
      <Button
        look="quiet"
        icon={<Download aria-hidden size={16} />}
        onClick={() =>
          saveFile(`${fileName}.csv`, 'text/csv;charset=utf-8', Papa.unparse(tableOfChart(t, computed.chart)))
        }
      >
        CSV
      </Button>
      <Button
        look="quiet"
        icon={<Download aria-hidden size={16} />}
        onClick={() => saveFile(`${fileName}.json`, 'application/json', JSON.stringify(computed, null, 2))}
      >
        JSON
      </Button>
    </div>
  )
}
