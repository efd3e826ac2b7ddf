import { Camera, Trash2 } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { type ThingOfPhotos, useChangePhotos, usePhotos } from '../../data/photos.js'
import { IconButton } from '../../ui/Button.js'
import { FilePicker } from '../../ui/FilePicker.js'
import { Panel } from '../../ui/Panel.js'
import { Loaded } from '../../ui/states.js'
import { useSay } from '../../ui/toasts.js'
import { useSayTrouble } from '../../ui/use-say-trouble.js'

/** Photos of a die or a plate, or of what a run came to. */
export const PhotosPanel = ({ of }: { readonly of: ThingOfPhotos }) => {
  const { t } = useTranslation()
  const say = useSay()
  const sayTrouble = useSayTrouble()
  const photos = usePhotos(of)
  const { add, mark } = useChangePhotos(of)
  const take = async (file: File) => {
    try {
      await add.mutateAsync(file)
    } catch (error) {
      sayTrouble(error)
    }
  }
  const remove = async (id: string) => {
    await mark.mutateAsync({ photoId: id, mark: 'delete' })
    say(t('common.photos.deleted'), { undo: () => mark.mutate({ photoId: id, mark: 'restore' }) })
  }
  return (
    <Panel title={t('common.photos.title')}>
      <Loaded query={photos} what={t('common.photos.loading')}>
        {(rows) =>
          rows.length === 0 ? (
            <p className="mb-2 text-ink-soft">{t(`common.photos.none.${of.kind}`)}</p>
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
                      alt={t('common.photos.alt', { number: at + 1, of: rows.length })}
                      className="aspect-square h-auto w-full rounded-md border border-line object-cover"
                    />
                  </a>
                  <IconButton
                    look="plain"
                    className="absolute top-1 right-1 size-11 bg-leaf"
                    label={t('common.photos.delete', { number: at + 1 })}
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
        label={t('common.photos.add')}
        icon={<Camera aria-hidden size={18} />}
        onFile={(file) => void take(file)}
      />
      <p className="mt-2 text-sm text-ink-soft">{t('common.photos.kept')}</p>
    </Panel>
  )
}
