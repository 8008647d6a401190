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
    person: 'You: {{name}}, {{initials}}',
    signOut: 'Sign out',
    changePassword: 'Change your password…',
    invite: 'Invite a colleague…',
    skip: 'To the content',
    scheme: { auto: 'Light or dark as the device', light: 'Light', dark: 'Dark' },
  },
  ownPassword: {
    title: 'Change your password',
    now: 'Password you have now',
    next: 'New password',
    change: 'Change it',
    done: 'Your password is changed; elsewhere you are signed out.',
  },
  invite: {
    title: 'Invite a colleague',
    what: 'A code makes one account of a teacher, once, within a week. Your colleague opens this address, chooses “I was invited by a colleague” and types it in.',
    make: 'Make a code',
    code: 'Code, shown this once:',
    open_one: 'One other code is open.',
    open_other: '{{count}} other codes are open.',
    until: 'open until {{time}}',
    revoke: 'Take it back',
  },
  signIn: {
    title: 'Sign in',
    welcome: 'Circuits, charts and the marking that follows.',
    first: 'Nobody is here yet. Make the first teacher’s account.',
    code: 'Set-up code',
    codeFrom: 'It stands in the terminal where Didaxis was started.',
    begin: 'Begin',
    username: 'Sign-in name',
    usernameRule: '2 to 40 letters, digits, dots, dashes or underscores',
    displayName: 'Name to show',
    password: 'Password',
    passwordRule: 'At least 8 characters',
    invited: 'I was invited by a colleague',
    invitedTitle: 'Your account as a teacher of this school.',
    invitation: 'Code of the invitation',
    back: 'Back to signing in',
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
