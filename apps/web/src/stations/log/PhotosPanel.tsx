import { Camera, Trash2 } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { sayTrouble } from '../../text/say-trouble.js'
import { useChangePhotos, usePhotos } from '../../data/photos.js'
import { IconButton } from '../../ui/Button.js'
import { FilePicker } from '../../ui/FilePicker.js'
import { Panel } from '../../ui/Panel.js'
import { Loaded } from '../../ui/states.js'
import { useSay } from '../../ui/toasts.js'

/** Photos of what a run came to. */
export const PhotosPanel = ({ runId }: { readonly runId: string }) => {
  const { t } = useTranslation()
  const say = useSay()
  const photos = usePhotos(runId)
  const { add, mark } = useChangePhotos(runId)
  const take = async (file: File) => {
    try {
      await add.mutateAsync(file)
    } catch (error) {
      say(sayTrouble(t, error), { tone: 'danger' })
    }
  }
  const remove = async (id: string) => {
    await mark.mutateAsync({ id, mark: 'delete' })
    say(t('log.photos.deleted'), { undo: () => mark.mutate({ id, mark: 'restore' }) })
  }
  return (
    <Panel title={t('log.photos.title')}>
      <Loaded query={photos} what={t('log.photos.loading')}>
        {(rows) =>
          rows.length === 0 ? (
            <p className="mb-2 text-ink-soft">{t('log.photos.none')}</p>
          ) : (
            <ul className="mb-2 grid grid-cols-2 gap-2 sm:grid-cols-3">
              {rows.map(({ id, width, height }, at) => (
                <li key={id} className="relative">
                  <a href={`/api/photos/${id}`} target="_blank" rel="noreferrer">
                    <img
                      src={`/api/photos/${id}`}
                      width={width}
                      height={height}
                      loading="lazy"
                      alt={t('log.photos.alt', { number: at + 1, of: rows.length })}
                      className="aspect-square h-auto w-full rounded-md border border-line object-cover"
                    />
                  </a>
                  <IconButton
                    look="plain"
                    className="absolute top-1 right-1 size-11 bg-leaf"
                    label={t('log.photos.delete', { number: at + 1 })}
                    onClick={() => void remove(id)}
                  >
                    <Trash2 aria-hidden size={18} />
                  </IconButton>
                </li>
              ))}
            </ul>
          )
        }
      </Loaded>
      <FilePicker
        accept="image/jpeg,image/png,image/webp"
        label={t('log.photos.add')}
        icon={<Camera aria-hidden size={18} />}
        onFile={(file) => void take(file)}
      />
      <p className="mt-2 text-sm text-ink-soft">{t('log.photos.kept')}</p>
    </Panel>
  )
}
