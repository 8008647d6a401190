import { people } from './people'
import { workbench } from './workbench'

/** The frame around every screen. */
const frame = {
  ui: {
    loading: 'Loading',
    unreachable: 'The server cannot be reached. What you wrote is still here.',
    retry: 'Try again',
    close: 'Close',
    cancel: 'Cancel',
    undo: 'Undo',
  },
  lost: {
    title: 'There is nothing here',
    failed: 'This screen could not be shown. Reload it, or go on from the start.',
    home: 'To the start',
  },
  shell: {
    places: 'Places',
    desk: 'Desk',
    workbench: 'Workbench',
    classes: 'Classes',
    results: 'Results',
    work: 'My work',
    person: 'You: {{name}}',
    signOut: 'Sign out',
    scheme: { auto: 'Light or dark as the device', light: 'Light', dark: 'Dark' },
  },
  signIn: {
    title: 'Sign in',
    welcome: 'Circuits, charts and the marking that follows.',
    first: 'Nobody is here yet. Make the first teacher’s account.',
    code: 'Set-up code',
    codeFrom: 'It stands in the terminal where Didaxis was started.',
    begin: 'Begin',
    username: 'Sign-in name',
    displayName: 'Name to show',
    password: 'Password',
  },
}

/** Every text of the screens. */
export const en = { ...frame, ...workbench, ...people }
