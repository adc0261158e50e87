import ICAL from 'ical.js';

/** The most times of one event before the course: a daily one has come so often in 160 years. */
const MOST_PASSED = 60_000;
/** The most times of one event that are read. */
const MOST_TIMES = 200;
const TOO_OFTEN: readonly string[] = ['SECONDLY', 'MINUTELY', 'HOURLY'];

/** No time of it lies within what is looked at: there may be none at all. */
class Beyond extends Error {}

/**
 * Follows rules of repetition no further than a year: the library looks for the next time until it finds one, and there are rules that
 * never come, such as a 30th of February each day of which is looked at.
 */
function upToYear<Answer>(lastYear: number, act: () => Answer): Answer {
  const rules = ICAL.RecurIterator.prototype;
  const fits = rules.check_contracting_rules;
  rules.check_contracting_rules = function (this: ICAL.RecurIterator) {
    if (this.last.year > lastYear) throw new Beyond();
    return fits.call(this);
  };
  try {
    return act();
  } finally {
    rules.check_contracting_rules = fits;
  }
}

/**
 * The times at which an event that comes again begins, as far as they matter: from the last one before a day on, however long ago it
 * first came.
 * @param from the first day that matters
 * @param until the last one
 * @throws where it comes more than once a day, or has come too often to be counted
 */
export function timesOfEvent(event: ICAL.Event, from: ICAL.Time, until: ICAL.Time): ICAL.Time[] {
  for (const rule of event.component.getAllProperties('rrule')) {
    const { freq } = rule.getFirstValue() as ICAL.Recur;
    if (TOO_OFTEN.includes(freq)) throw new Error('It comes more than once a day: a closure lasts for days.');
  }
  const times: ICAL.Time[] = [];
  let passed = 0;
  try {
    upToYear(until.year + 1, () => {
      const all = event.iterator();
      for (let next = all.next(); next && next.compare(until) <= 0 && times.length < MOST_TIMES; next = all.next()) {
        // One that began before may still last.
        if (next.compare(from) < 0) {
          passed += 1;
          if (passed > MOST_PASSED) throw new Error('It has come too often to be counted.');
          times.splice(0, times.length, next.clone());
        } else times.push(next.clone());
      }
    });
  } catch (error) {
    if (!(error instanceof Beyond)) throw error;
  }
  return times;
}
