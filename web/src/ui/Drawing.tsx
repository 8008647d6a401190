import type { KeyboardEvent } from 'react'
import type { Schemas } from '../api/client'
import classes from './Drawing.module.css'

interface DrawingProps {
  scene: Schemas['SceneView']
  /** The circuit in words, for those who do not see it. */
  words: string
  /** Labels of the parts in hand. */
  selected?: ReadonlySet<string>
  /** Labels of the parts at which an error starts. */
  origins?: ReadonlySet<string>
  /** Called with a part's label; without it nothing can be selected. */
  onSelect?: (part: string) => void
  /** What was written beside the labels of parts. */
  notes?: ReadonlyMap<string, string>
  /** A small redraw: thin lines and no text. */
  small?: boolean
}

const NONE: ReadonlySet<string> = new Set()

const ANCHORS: Record<string, 'start' | 'middle' | 'end'> = { start: 'start', middle: 'middle', end: 'end' }

/** Paints a scene; it decides nothing but ink. */
export function Drawing({
  scene,
  words,
  selected = NONE,
  origins = NONE,
  onSelect,
  notes,
  small,
}: DrawingProps) {
  const ink = (role: string, part: string) =>
    [classes[role], part && selected.has(part) && classes.inHand, part && origins.has(part) && classes.origin]
      .filter(Boolean)
      .join(' ')
  // Rings lie under what is drawn inside them, dots on top of the wires.
  const circles = (solid: boolean) =>
    scene.circles
      .filter((circle) => circle.solid === solid)
      .map((circle, place) => (
        <circle
          key={place}
          cx={circle.x}
          cy={circle.y}
          r={circle.radius}
          className={ink(circle.role, circle.part)}
        />
      ))
  const texts = small ? [] : scene.texts
  return (
    <svg
      className={`${classes.drawing} ${small ? classes.small : ''}`}
      viewBox={`0 0 ${scene.width} ${scene.height}`}
      style={small ? undefined : { maxWidth: scene.width * 1.25, maxHeight: scene.height * 1.25 }}
      role={onSelect ? 'group' : 'img'}
      aria-label={words || undefined}
    >
      {circles(false)}
      {scene.lines.map((line, place) =>
        line.closed ? (
          <polygon key={place} points={line.points} className={ink(line.role, line.part)} />
        ) : (
          <polyline key={place} points={line.points} className={ink(line.role, line.part)} />
        ),
      )}
      {circles(true)}
      {texts.map((text, place) => (
        <text
          key={place}
          x={text.x}
          y={text.y}
          fontSize={text.size}
          textAnchor={ANCHORS[text.anchor]}
          className={ink(text.role, text.part)}
        >
          {text.role === 'label' ? <LabelText label={text.text} /> : text.text}
          {text.role === 'label' && notes?.has(text.part) && (
            <tspan className={classes.note}> {notes.get(text.part)}</tspan>
          )}
        </text>
      ))}
      {onSelect &&
        scene.areas.map((area) => (
          <rect
            key={area.part}
            x={area.x}
            y={area.y}
            width={area.width}
            height={area.height}
            rx={4}
            className={classes.area}
            role="button"
            tabIndex={0}
            aria-label={area.part}
            aria-pressed={selected.has(area.part)}
            onClick={() => onSelect(area.part)}
            onKeyDown={(event: KeyboardEvent) => {
              if (event.key !== 'Enter' && event.key !== ' ') return
              event.preventDefault()
              onSelect(area.part)
            }}
          />
        ))}
    </svg>
  )
}

function LabelText({ label }: { label: string }) {
  const split = /^([A-Z]+)([0-9]+|[a-z]+)$/.exec(label)
  if (!split) return <tspan fontStyle={/^[a-z]$/i.test(label) ? 'italic' : undefined}>{label}</tspan>
  return (
    <>
      <tspan fontStyle="italic">{split[1]}</tspan>
      <tspan dy="0.25em" fontSize="0.72em">
        {split[2]}
      </tspan>
    </>
  )
}
