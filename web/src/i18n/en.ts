import { people } from './people'
import { workbench } from './workbench'

/** The frame around every screen. */
const frame = {
  ui: {
    loading: 'Loading',
    unreachable: 'The server cannot be reached. What you wrote is still here.',
    failed: 'That did not work. Please try again.',
    retry: 'Try again',
    close: 'Close',
    cancel: 'Cancel',
    undo: 'Undo',
    rename: 'Rename {{name}}',
    renameOf: 'New name of {{name}}',
    renameHint: 'Enter keeps it, Escape leaves it as it was.',
  },
  keeping: {
    keeping: 'keeping…',
    kept: 'kept {{time}}',
    notKept: 'Not kept yet. {{reason}}',
    again: 'Everything is kept again.',
    leaveTitle: 'Not everything is kept',
    leave:
      'The server does not have all of it yet. It stays on this device and is sent when you come back and the server can be reached.',
    stay: 'Stay here',
    leaveYes: 'Leave',
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
    again: 'Sign in again',
    ended: 'You have been signed out, {{name}}. Sign in again to go on here; what you wrote is still there.',
    somebodyElse:
      'Somebody else has signed in in this browser. To go on here as {{name}}, sign in again; they are then signed out.',
    passwordOf: 'Password of {{username}}',
    notNow: 'Not now',
  },
}

/** Every text of the screens. */
export const en = { ...frame, ...workbench, ...people }
