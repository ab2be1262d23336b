import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { createBrowserRouter, RouterProvider } from 'react-router'
import { App } from './app/App.tsx'
import { applyScheme, usePreferences } from './session/preferences.ts'
import { useWho } from './session/who.ts'
import './styles.css'

const apply = (): void => applyScheme(usePreferences.getState().scheme)
apply()
usePreferences.subscribe(apply)
matchMedia('(prefers-color-scheme: dark)').addEventListener('change', apply)

// A router of the kind that can ask before a page is left.
const router = createBrowserRouter([{ path: '*', element: <App /> }])

// Asked for in the same breath as the page is made.
void useWho.getState().load()

const root = document.getElementById('root')
if (!root) throw new Error('index.html has no #root')
createRoot(root).render(
  <StrictMode>
    <RouterProvider router={router} />
  </StrictMode>,
)
