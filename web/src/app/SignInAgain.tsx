import { lazy, Suspense, useEffect, useState } from 'react'
import { signInAgainBy } from '../api/client'
import { fetched } from '../ui/fetched'

const SignInAgainDialog = lazy(() => fetched(() => import('./SignInAgainDialog')))

interface Asked {
  somebodyElse: boolean
  answer: (done: boolean) => void
}

/** Stands by for a session that ends under the page: asks for the password over the screen, which stays as it is. */
export function SignInAgain({ username, displayName }: { username: string; displayName: string }) {
  const [asked, setAsked] = useState<Asked>()
  useEffect(() => {
    signInAgainBy((somebodyElse) => new Promise<boolean>((answer) => setAsked({ somebodyElse, answer })))
    return () => signInAgainBy(undefined)
  }, [])
  if (!asked) return null
  const end = (done: boolean) => {
    asked.answer(done)
    setAsked(undefined)
  }
  return (
    <Suspense>
      <SignInAgainDialog
        username={username}
        displayName={displayName}
        somebodyElse={asked.somebodyElse}
        onEnd={end}
      />
    </Suspense>
  )
}
