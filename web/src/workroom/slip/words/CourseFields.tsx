import type { Course } from '../../../api/client'
import { Choice } from '../../../fields/Choice'
import { Slider } from '../../../fields/Slider'

const COURSES = {
  straight: 'straight',
  up: 'bent upwards',
  down: 'bent downwards',
  outside: 'round a circle',
  inside: 'inside a circle',
  wave: 'along a wave',
}
type CourseName = keyof typeof COURSES

const nameOf = (course: Course): CourseName => {
  if (course.kind === 'arc') return course.degrees > 0 ? 'up' : 'down'
  if (course.kind === 'circle') return course.inside ? 'inside' : 'outside'
  return course.kind
}

const USUAL: Record<CourseName, Course> = {
  straight: { kind: 'straight' },
  up: { kind: 'arc', degrees: 90 },
  down: { kind: 'arc', degrees: -90 },
  outside: { kind: 'circle', inside: false },
  inside: { kind: 'circle', inside: true },
  wave: { kind: 'wave', height: 0.5 },
}

interface Props {
  course: Course
  onPreview: (course: Course) => void
  onCommit: (course: Course) => void
}

/** The line that words run along, and how much it is bent. */
export function CourseFields({ course, onPreview, onCommit }: Props) {
  const bend = (degrees: number): Course => ({
    kind: 'arc',
    degrees: course.kind === 'arc' && course.degrees < 0 ? -degrees : degrees,
  })
  return (
    <div>
      <Choice
        label="The line runs"
        options={COURSES}
        value={nameOf(course)}
        onChange={(name) => onCommit(USUAL[name])}
      />
      {course.kind === 'arc' && (
        <Slider
          label="How much it is bent"
          value={Math.abs(course.degrees)}
          least={5}
          most={300}
          step={5}
          onPreview={(degrees) => onPreview(bend(degrees))}
          onCommit={(degrees) => onCommit(bend(degrees))}
        />
      )}
      {course.kind === 'wave' && (
        <Slider
          label="How high the wave is"
          value={course.height}
          least={-1}
          most={1}
          step={0.05}
          onPreview={(height) => onPreview({ kind: 'wave', height })}
          onCommit={(height) => onCommit({ kind: 'wave', height })}
        />
      )}
    </div>
  )
}
