import { useTranslation } from 'react-i18next'
import { Outlet } from 'react-router'
import { TabLinks } from '../../ui/Tabs.js'
import { shelfKinds } from './rooms/list.js'

export const Component = () => {
  const { t } = useTranslation()
  return (
    <>
      <div className="flex flex-wrap items-end gap-x-8 gap-y-2">
        <h1 className="mb-2 text-3xl">{t('shelf.title')}</h1>
        <TabLinks
          label={t('shelf.title')}
          tabs={shelfKinds.map((kind) => ({ to: `/shelf/${kind}`, text: t(`shelf.rooms.${kind}`) }))}
        />
      </div>
      <Outlet />
    </>
  )
}
