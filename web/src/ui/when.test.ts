import { expect, test } from 'vitest'
import { atMoment } from './when'

test('a moment of another year says which', () => {
  const now = new Date('2026-12-30T12:00:00')
  expect(atMoment('2026-12-31T08:00:00', now)).not.toContain('2026')
  expect(atMoment('2027-01-02T08:00:00', now)).toContain('2027')
})
