import './app/styles.css'
import './text/i18n.js'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { App } from './app/App.js'

const root = document.getElementById('root')
if (root)
  createRoot(root).render(
    <StrictMode>
      <App />
    </StrictMode>,
  )
