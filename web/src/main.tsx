import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { App } from './app/App'
import { fetchPages } from './app/fetchPages'
import { routes } from './app/routes'
import { keepPage } from './engine/shell'
import './styles.css'

const root = document.getElementById('root')
if (root)
  createRoot(root).render(
    <StrictMode>
      <App />
    </StrictMode>,
  )

// When the first page has what it needs.
window.addEventListener('load', () => {
  void fetchPages(routes)
  void keepPage()
})
