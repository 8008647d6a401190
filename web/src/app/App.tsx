import { MantineProvider } from '@mantine/core'
import { Notifications } from '@mantine/notifications'
import { QueryClientProvider } from '@tanstack/react-query'
import { RouterProvider } from 'react-router'
import '@fontsource/ibm-plex-sans/latin-400.css'
import '@fontsource/ibm-plex-sans/latin-600.css'
import '@fontsource/ibm-plex-sans/latin-400-italic.css'
import '@fontsource/ibm-plex-sans/greek-400.css'
import '@fontsource/ibm-plex-mono/latin-400.css'
import '@mantine/core/styles.css'
import '@mantine/notifications/styles.css'
import './app.css'
import { Announcements } from '../ui/announce'
import { queryClient } from './queryClient'
import { router } from './routes'
import { theme, tokens } from './theme'

export function App() {
  return (
    <MantineProvider theme={theme} cssVariablesResolver={tokens} defaultColorScheme="auto">
      <Notifications position="bottom-left" />
      <Announcements />
      <QueryClientProvider client={queryClient}>
        <RouterProvider router={router} />
      </QueryClientProvider>
    </MantineProvider>
  )
}
