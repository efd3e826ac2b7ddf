import { type JobRow, runInHandOf } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import type { usePlacedPlan } from '../../data/placing.js'
import { TabbedPanel } from '../../ui/TabbedPanel.js'
import type { PlacementView } from '../../workers/view-of.js'
import { CardPanel } from './CardPanel.js'
import { LayPanel } from './LayPanel.js'
import type { PanelProps } from './panel-props.js'
import { PressPanel } from './PressPanel.js'
import { PrintPanel } from './PrintPanel.js'
import { ReadsPanel } from './ReadsPanel.js'

export type TabName = 'lay' | 'card' | 'reads' | 'press' | 'print'

/** The panels beside the drawing, one open at a time. */
export const PlacePanels = ({
  panel,
  tab,
  onTab,
  job,
  view,
  planned,
  isKept,
  marking,
  onMarking,
}: {
  readonly panel: PanelProps
  readonly tab: TabName
  readonly onTab: (tab: TabName) => void
  readonly job: JobRow
  readonly view: PlacementView | undefined
  readonly planned: ReturnType<typeof usePlacedPlan>
  readonly isKept: boolean
  readonly marking: boolean
  readonly onMarking: (marking: boolean) => void
}) => {
  const { t } = useTranslation()
  return (
    <TabbedPanel
      label={t('place.tabs.label')}
      className="min-w-0 py-3 lg:max-h-[calc(100vh-9.5rem)] lg:overflow-y-auto"
      open={tab}
      onOpen={onTab}
      leaves={[
        { name: 'lay', title: t('place.tabs.lay'), content: <LayPanel {...panel} /> },
        { name: 'card', title: t('place.tabs.card'), content: <CardPanel {...panel} /> },
        {
          name: 'reads',
          title: t('place.tabs.reads'),
          content: <ReadsPanel {...panel} view={view} marking={marking} onMarking={onMarking} />,
        },
        {
          name: 'press',
          title: t('place.tabs.press'),
          content: <PressPanel query={planned} cut={panel.things.request.cut} jobId={job.id} isKept={isKept} />,
        },
        {
          name: 'print',
          title: t('place.tabs.print'),
          content: <PrintPanel {...panel} name={job.name} blade={runInHandOf(job).bladeSide} />,
        },
      ]}
    />
  )
}
