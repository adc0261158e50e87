import { act, renderHook } from '@testing-library/react';
import { useToday } from './useToday';

beforeEach(() => void jest.useFakeTimers({ now: new Date('2026-12-31T23:55:00') }));
afterEach(() => void jest.useRealTimers());

test('a page that is left open over midnight has the new day, and the next after it', () => {
  const { result, unmount } = renderHook(useToday);
  expect(result.current).toBe('2026-12-31');
  act(() => jest.advanceTimersByTime(4 * 60_000));
  expect(result.current).toBe('2026-12-31');
  act(() => jest.advanceTimersByTime(60_000));
  expect(result.current).toBe('2027-01-01');
  act(() => jest.advanceTimersByTime(24 * 3_600_000));
  expect(result.current).toBe('2027-01-02');
  unmount();
  expect(jest.getTimerCount()).toBe(0);
});

test('a machine that slept over midnight looks at the day as soon as the page is seen again', () => {
  const { result } = renderHook(useToday);
  jest.setSystemTime(new Date('2027-01-01T07:30:00'));
  act(() => void document.dispatchEvent(new Event('visibilitychange')));
  expect(result.current).toBe('2027-01-01');
});
