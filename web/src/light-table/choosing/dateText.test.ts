import { expect, test } from 'vitest'
import { middleOf, minutesOf } from './dateText'

test('what a person says of a time is its middle', () => {
  expect(middleOf('1974')).toBe('1974-07-01T12:00:00')
  expect(middleOf('Summer 1974')).toBe('1974-07-15T12:00:00')
  expect(middleOf('feb 1974')).toBe('1974-02-15T12:00:00')
  expect(middleOf('14th July, 1974')).toBe('1974-07-14T12:00:00')
  expect(middleOf('1974-02-28')).toBe('1974-02-28T12:00:00')
  for (const odd of ['', 'once', '31 April 1974', 'ma 1974', 'summer', '1974 1975', '12 summer 1974']) {
    expect(middleOf(odd)).toBeUndefined()
  }
})

test('a clock is shifted by hours, minutes and days', () => {
  expect(minutesOf('+1:00')).toBe(60)
  expect(minutesOf('−5:30')).toBe(-330)
  expect(minutesOf('2 d')).toBe(2880)
  expect(minutesOf('-1 day 2 h')).toBe(-1560)
  for (const odd of ['', 'soon', '+', '1:5']) expect(minutesOf(odd)).toBeUndefined()
})
