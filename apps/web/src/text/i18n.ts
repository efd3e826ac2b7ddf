import i18next from 'i18next'
import { initReactI18next } from 'react-i18next'
import { en } from './en/index.js'

declare module 'i18next' {
  interface CustomTypeOptions {
    defaultNS: 'app'
    resources: { app: typeof en }
    strictKeyChecks: true
  }
}

/** Languages by their code; a new one is a folder beside `en` and a line here. */
const resources = { en: { app: en } }

void i18next.use(initReactI18next).init({
  resources,
  lng: 'en',
  fallbackLng: 'en',
  defaultNS: 'app',
  interpolation: { escapeValue: false },
  returnNull: false,
})

export { i18next }
