import { Magnet, Maximize, Minus, Plus, Redo2, Trash2, Undo2 } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { type Zoom, ZOOM_STEP } from '../../drawing/placement/use-zoom.js'
import { Button, IconButton } from '../../ui/Button.js'
import { Choice } from '../../ui/Choice.js'
import { Confirm } from '../../ui/Confirm.js'
import type { CardView } from './canvas/scene.js'
import type { useHistory } from './use-history.js'
import type { useKeeping } from './use-keeping.js'

/** Takes the placement off its job, once that was asked. */
const RemoveButton = ({ onRemove }: { readonly onRemove: () => void }) => {
  const { t } = useTranslation()
  const [asking, setAsking] = useState(false)
  return (
    <>
      <IconButton label={t('place.tools.remove')} onClick={() => setAsking(true)}>
        <Trash2 aria-hidden size={18} />
      </IconButton>
      <Confirm
        open={asking}
        title={t('place.tools.removeTitle')}
        yes={t('place.tools.remove')}
        no={t('common.cancel')}
        danger
        onYes={() => {
          setAsking(false)
          onRemove()
        }}
        onNo={() => setAsking(false)}
      >
        {t('place.tools.removeText')}
      </Confirm>
    </>
  )
}

/** What can be done with the drawing as a whole. */
export const Toolbar = ({
  cardView,
  history,
  snap,
  zoom,
  keeping,
  onCardView,
  onSnap,
}: {
  readonly cardView: CardView
  readonly history: Pick<ReturnType<typeof useHistory>, 'canUndo' | 'canRedo' | 'undo' | 'redo'>
  readonly snap: boolean
  readonly zoom: Zoom
  readonly keeping: ReturnType<typeof useKeeping>
  readonly onCardView: (view: CardView) => void
  readonly onSnap: (snap: boolean) => void
}) => {
  const { t } = useTranslation()
  const { isKept, isSaving, keep, remove } = keeping
  return (
    <div className="flex flex-wrap items-center gap-1 border-b border-line p-1.5">
      <Choice
        label={t('place.view.label')}
        value={cardView}
        options={(['front', 'press'] as const).map((each) => ({ value: each, text: t(`place.view.${each}`) }))}
        onChange={onCardView}
      />
      <span className="ml-auto" />
      <IconButton label={t('place.tools.undo')} disabled={!history.canUndo} onClick={history.undo}>
        <Undo2 aria-hidden size={18} />
      </IconButton>
      <IconButton label={t('place.tools.redo')} disabled={!history.canRedo} onClick={history.redo}>
        <Redo2 aria-hidden size={18} />
      </IconButton>
      <IconButton
        label={t('place.tools.snap')}
        aria-pressed={snap}
        look={snap ? 'plain' : 'quiet'}
        onClick={() => onSnap(!snap)}
      >
        <Magnet aria-hidden size={18} />
      </IconButton>
      <IconButton label={t('place.tools.zoomOut')} onClick={() => zoom.by(1 / ZOOM_STEP)}>
        <Minus aria-hidden size={18} />
      </IconButton>
      <IconButton label={t('place.tools.zoomIn')} onClick={() => zoom.by(ZOOM_STEP)}>
        <Plus aria-hidden size={18} />
      </IconButton>
      <IconButton label={t('place.tools.fit')} onClick={zoom.fit}>
        <Maximize aria-hidden size={18} />
      </IconButton>
      <RemoveButton onRemove={remove} />
      <Button look={isKept ? 'plain' : 'next'} disabled={isKept || isSaving} onClick={keep}>
        {isKept ? t('place.tools.isKept') : t('place.tools.keep')}
      </Button>
    </div>
  )
}
