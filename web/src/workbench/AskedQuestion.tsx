import { useState, type ComponentProps } from 'react'
import { QuestionPanel } from './QuestionPanel'
import { TrySheet } from './TrySheet'

/** What is asked: to be made, or as the sheet that comes of it. */
export default function AskedQuestion(props: Omit<ComponentProps<typeof QuestionPanel>, 'onTry'>) {
  const [tried, setTried] = useState(false)
  const { checked, states } = props
  if (tried && checked.data)
    return (
      <TrySheet
        body={checked.data.body}
        style={checked.settled.style}
        states={states}
        onBack={() => setTried(false)}
      />
    )
  return <QuestionPanel {...props} onTry={() => setTried(true)} />
}
