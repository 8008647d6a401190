import { useState, type ComponentProps } from 'react'
import { MemoPanel } from './MemoPanel'
import { QuestionPanel } from './QuestionPanel'
import { TrySheet } from './TrySheet'

/** What is asked: to be made, as the sheet that comes of it, or as its memo. */
export default function AskedQuestion(props: Omit<ComponentProps<typeof QuestionPanel>, 'onTry' | 'onMemo'>) {
  const [shown, setShown] = useState<'tasks' | 'sheet' | 'memo'>('tasks')
  const { checked, states } = props
  const back = () => setShown('tasks')
  if (shown === 'memo' && checked.data) return <MemoPanel request={checked.settled} onBack={back} />
  if (shown === 'sheet' && checked.data)
    return <TrySheet body={checked.data.body} style={checked.settled.style} states={states} onBack={back} />
  return <QuestionPanel {...props} onTry={() => setShown('sheet')} onMemo={() => setShown('memo')} />
}
