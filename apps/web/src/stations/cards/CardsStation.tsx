import { useTranslation } from 'react-i18next'
import { Outlet } from 'react-router'
import { TabLinks } from '../../ui/Tabs.js'

export const Component = () => {
  const { t } = useTranslation()
  return (
    <>
      <div className="flex flex-wrap items-end gap-x-8 gap-y-2">
        <h1 className="mb-2 text-3xl">{t('cards.title')}</h1>
        <TabLinks
          label={t('cards.title')}
          tabs={[
            { to: '/cards/builds', text: t('cards.builds') },
            { to: '/cards/panels', text: t('cards.basesAndMats') },
            { to: '/cards/envelope', text: t('cards.envelopes') },
          ]}
        />
      </div>
      <section className="rounded-lg rounded-tl-none border border-line bg-leaf p-4">
        <Outlet />
      </section>
    </>
  )
}
