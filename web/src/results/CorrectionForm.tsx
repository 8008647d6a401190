import { Button, Checkbox, Group, NativeSelect, NumberInput, Stack, Text, TextInput } from '@mantine/core'
import { useState, type FormEvent } from 'react'
import { useTranslation } from 'react-i18next'
import { fieldError, type Schemas } from '../api/client'

type Correction = Schemas['Correction']
type Kind = Exclude<Correction['kind'], 'back'>

const KINDS: Kind[] = ['accept', 'award', 'give-all', 'leave-out', 'count-again', 'value']

interface CorrectionFormProps {
  view: Schemas['CorrectionView']
  /** The id of the box to begin with; empty for the first. */
  box: string
  /** Whether what changes is being looked at. */
  looked: boolean
  /** Whether that is the last correction taken back, which needs no more than a reason. */
  takingBack: boolean
  looking: boolean
  applying: boolean
  error: Error | null
  onLook: (correction: Correction) => void
  /** Something was changed: what was looked at no longer holds. */
  onChange: () => void
  onApply: (reason: string) => void
}

/** What is to be put right; it is looked at before it is done. */
export function CorrectionForm(props: CorrectionFormProps) {
  const { view, looked, takingBack, looking, applying, error, onLook, onChange, onApply } = props
  const { t } = useTranslation()
  const [kind, setKind] = useState<Kind>('accept')
  const [box, setBox] = useState(props.box || view.boxes[0]?.box || '')
  const [whole, setWhole] = useState(false)
  const [text, setText] = useState('')
  const [points, setPoints] = useState<string | number>('')
  const [thing, setThing] = useState(0)
  const [reason, setReason] = useState('')
  const chosen = view.boxes.find((one) => one.box === box)
  const task = view.boxes.filter((one) => one.task === chosen?.task)
  const withdrawn = kind === 'give-all' || kind === 'leave-out' || kind === 'count-again'
  const worth = points === '' ? null : Number(points)
  const changing =
    <T,>(set: (value: T) => void) =>
    (value: T) => {
      set(value)
      onChange()
    }
  const correction = (): Correction => {
    const boxes = withdrawn && whole ? task.map((one) => one.box) : [box]
    const valued = view.things[thing]
    switch (kind) {
      case 'accept':
        return { kind, boxes, text, points: worth }
      case 'award':
        return { kind, boxes, marks: worth }
      case 'value':
        return { kind, question: valued?.question ?? 0, thing: valued?.thing ?? '', value: text }
      default:
        return { kind, boxes }
    }
  }
  const submit = (event: FormEvent) => {
    event.preventDefault()
    if (looked) onApply(reason)
    else onLook(correction())
  }
  const of = (field: string) => fieldError(error, field)
  const fields = (
    <>
      <NativeSelect
        label={t('correct.what')}
        value={kind}
        onChange={(event) => {
          changing(setKind)(event.currentTarget.value as Kind)
          setText('')
          setPoints('')
        }}
        data={KINDS.filter((one) => one !== 'count-again' || view.boxes.some(isWithdrawn)).map((one) => ({
          value: one,
          label: t(`correct.kind.${one}`),
        }))}
      />
      {kind !== 'value' && (
        <NativeSelect
          label={t('boxes.box')}
          value={box}
          onChange={(event) => changing(setBox)(event.currentTarget.value)}
          data={view.boxes
            .filter((one) => kind !== 'count-again' || isWithdrawn(one))
            .map((one) => ({ value: one.box, label: `${one.number} ${one.name}` }))}
        />
      )}
      {withdrawn && task.length > 1 && (
        <Checkbox
          label={t('correct.wholeTask', { count: task.length, number: chosen?.number })}
          checked={whole}
          onChange={(event) => changing(setWhole)(event.currentTarget.checked)}
        />
      )}
      {kind === 'accept' && (
        <TextInput
          label={t('correct.answer')}
          description={t('correct.answerHelp')}
          value={text}
          onChange={(event) => changing(setText)(event.currentTarget.value)}
          error={of('text')}
          required
          withAsterisk={false}
        />
      )}
      {(kind === 'accept' || kind === 'award') && (
        <NumberInput
          label={t(kind === 'accept' ? 'correct.earns' : 'correct.marks')}
          placeholder={kind === 'accept' ? String(chosen?.marks ?? '') : undefined}
          min={kind === 'accept' ? 0 : 1}
          allowDecimal={false}
          value={points}
          onChange={changing(setPoints)}
          error={of('points') ?? of('marks')}
          required={kind === 'award'}
          withAsterisk={false}
        />
      )}
      {kind === 'value' && view.things.length === 0 && <Text>{t('correct.nothing')}</Text>}
      {kind === 'value' && view.things.length > 0 && (
        <>
          <NativeSelect
            label={t('correct.thing')}
            value={thing}
            onChange={(event) => changing(setThing)(Number(event.currentTarget.value))}
            data={view.things.map((one, place) => ({
              value: String(place),
              label: t('correct.question', { ...one }),
            }))}
            error={of('thing')}
          />
          <TextInput
            label={t('correct.value')}
            value={text}
            onChange={(event) => changing(setText)(event.currentTarget.value)}
            error={of('value')}
            required
            withAsterisk={false}
          />
        </>
      )}
    </>
  )
  return (
    <form onSubmit={submit}>
      <Stack gap="sm">
        {takingBack ? <Text>{t('correct.takingBack')}</Text> : fields}
        {looked && (
          <TextInput
            label={t('correct.reason')}
            maxLength={300}
            value={reason}
            onChange={(event) => setReason(event.currentTarget.value)}
            error={of('reason')}
            required
            withAsterisk={false}
          />
        )}
        {error && !['text', 'points', 'marks', 'thing', 'value', 'reason'].some(of) && (
          <Text c="var(--mantine-color-error)" role="alert">
            {error.message}
          </Text>
        )}
        <Group>
          <Button type="submit" loading={looking || applying}>
            {t(looked ? 'correct.apply' : 'correct.look')}
          </Button>
          {looked && (
            <Button variant="default" onClick={onChange}>
              {t('correct.change')}
            </Button>
          )}
        </Group>
      </Stack>
    </form>
  )
}

const isWithdrawn = (box: Schemas['CorrectedBox']) => box.fate !== 'counts'
