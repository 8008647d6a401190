import { MantineProvider } from '@mantine/core'
import { QueryClientProvider } from '@tanstack/react-query'
import { RouterProvider } from 'react-router'
import '@fontsource/ibm-plex-sans/latin-400.css'
import '@fontsource/ibm-plex-sans/latin-600.css'
import '@fontsource/ibm-plex-sans/latin-400-italic.css'
import '@fontsource/ibm-plex-sans/greek-400.css'
import '@fontsource/ibm-plex-mono/latin-400.css'
import '@mantine/core/styles.css'
import '@mantine/notifications/styles.css'
import { Notices } from '../ui/Notices'
import './app.css'
import { Announcements } from '../ui/announce'
import { queryClient } from './queryClient'
import { router } from './routes'
import { theme, tokens } from './theme'

export function App() {
  return (
    <MantineProvider theme={theme} cssVariablesResolver={tokens} defaultColorScheme="auto">
      <Notices />
      <Announcements />
      <QueryClientProvider client={queryClient}>
        <RouterProvider router={router} />
      </QueryClientProvider>
    </MantineProvider>
  )
}
