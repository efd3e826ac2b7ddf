import './app/styles.css'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { App } from './app/App.js'
import { startScheme } from './data/scheme.js'
import { chosenLanguage, startSpeaking } from './text/i18n.js'

startScheme()
await startSpeaking(chosenLanguage())
const root = document.getElementById('root')
if (root)
  createRoot(root).render(
    <StrictMode>
      <App />
    </StrictMode>,
  )
