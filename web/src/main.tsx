import '@fontsource/source-sans-3/400.css'
import '@fontsource/source-sans-3/600.css'
import './styles.css'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { BrowserRouter, Route, Routes } from 'react-router'
import { DragProvider } from './drag/DragProvider'
import { Shelf } from './shelf/Shelf'
import { Storage } from './storage/Storage'
import { NoticeProvider } from './ui/Notices'
import { Workroom } from './workroom/Workroom'

const root = document.getElementById('root')
if (root) {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false } } })
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <BrowserRouter>
          <NoticeProvider>
            <DragProvider>
              <Routes>
                <Route path="/" element={<Shelf />} />
                <Route path="/pieces/:pieceId/:station?" element={<Workroom />} />
                <Route path="/storage" element={<Storage />} />
                <Route path="*" element={<Shelf />} />
              </Routes>
            </DragProvider>
          </NoticeProvider>
        </BrowserRouter>
      </QueryClientProvider>
    </StrictMode>,
  )
}
