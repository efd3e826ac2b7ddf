import { useTranslation } from 'react-i18next'
import { Outlet } from 'react-router'
import { TabLinks } from '../../ui/Tabs.js'

export const Component = () => {
  const { t } = useTranslation()
  return (
    <>
      <div className="flex flex-wrap items-end gap-x-8 gap-y-2 print:hidden">
        <h1 className="mb-2 text-3xl">{t('wall.title')}</h1>
        <TabLinks
          label={t('wall.title')}
          tabs={[
            { to: '/wall/charts', text: t('wall.charts') },
            { to: '/wall/blocks', text: t('wall.blocks.tab') },
            { to: '/wall/evenings', text: t('wall.evenings') },
          ]}
        />
      </div>
      <section className="rounded-lg rounded-tl-none border border-line bg-leaf p-4">
        <Outlet />
      </section>
    </>
  )
}
