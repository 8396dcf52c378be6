import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import { dayHere, type Goal, sessionDays, standingOf } from '@/core/study/goal';
import { afterRating, GRADES, type Memory } from '@/core/study/memory';
import { keyOf } from '@/core/study/unit';
import { calendarOf } from '@/ui/lib/calendar';
import { LESSONS } from '../../support/study/italic';

const GOAL: Goal = { aim: 'small', by: '2026-12-12', minutes: 20, weekdays: [1, 3, 5] };
const SMALL = LESSONS.filter((lesson) => lesson.case === 'small').flatMap(({ letters }) => letters);

const known = (count: number, times: number) => {
  const memories = new Map<string, Memory>();
  for (const letter of SMALL.slice(0, count)) {
    let memory: Memory | undefined;
    for (let i = 0; i < times; i++) {
      const at = new Date(Date.UTC(2026, 9, 1 + 5 * i, 18));
      memory = afterRating(memory, { grade: GRADES.right, at, off: [] });
    }
    if (memory) memories.set(keyOf('letter', letter), memory);
  }
  return memories;
};

describe('the day it is here', () => {
  it('is that of the clock on the wall, late at night and early in the morning', () => {
    const zone = process.env.TZ;
    try {
      for (const there of ['Pacific/Auckland', 'America/Los_Angeles', 'UTC']) {
        process.env.TZ = there;
        expect(dayHere(new Date(2026, 10, 28, 0, 5)), there).toBe('2026-11-28');
        expect(dayHere(new Date(2026, 10, 28, 23, 55)), there).toBe('2026-11-28');
      }
    } finally {
      if (zone === undefined) delete process.env.TZ;
      else process.env.TZ = zone;
    }
  });
});

describe('a goal', () => {
  it('is practised on its weekdays, from today to its day', () => {
    expect(sessionDays(GOAL, '2026-11-27')).toEqual([
      '2026-11-27',
      '2026-11-30',
      '2026-12-02',
      '2026-12-04',
      '2026-12-07',
      '2026-12-09',
      '2026-12-11',
    ]);
    expect(sessionDays(GOAL, '2026-12-13')).toEqual([]);
  });

  it('takes less the more is known; days missed put it off the track, and more minutes a week bring it back', () => {
    const standings = [0, 8, 20, 26].map((count) => standingOf(GOAL, LESSONS, known(count, 4), '2026-11-27'));
    const needed = standings.map((standing) => standing.needed);
    expect(needed).toEqual([...needed].sort((a, b) => b - a));
    expect(standings[2]?.known).toBe(20);
    const late = standingOf(GOAL, LESSONS, known(24, 5), '2026-11-27');
    expect(late.onTrack).toBe(true);
    const missed = standingOf(GOAL, LESSONS, known(24, 5), '2026-12-10');
    expect(missed.onTrack).toBe(false);
    expect(missed.minutesAWeek).toBeGreaterThan(late.minutesAWeek ?? 0);
    expect(standingOf(GOAL, LESSONS, known(0, 0), '2026-12-13').minutesAWeek).toBeUndefined();
  });

  it('its sessions are a calendar that a strict reader takes', () => {
    const events = sessionDays(GOAL, '2026-11-27').map((day) => ({
      title: 'Italic: 20 minutes, for the open night; with commas',
      start: new Date(`${day}T19:00:00Z`),
      end: new Date(`${day}T19:20:00Z`),
    }));
    expect(
      calendarOf([{ ...(events[0] as (typeof events)[number]), title: 'Rule\rATTACH:x\r\nand write' }]),
    ).toMatch(/SUMMARY:Rule ATTACH:x and write/);
    const calendar = new ICAL.Component(ICAL.parse(calendarOf(events)));
    expect(calendar.getFirstPropertyValue('version')).toBe('2.0');
    const read = calendar.getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
    expect(read.map(({ startDate }) => startDate.toJSDate())).toEqual(events.map(({ start }) => start));
    expect(new Set(read.map(({ uid }) => uid)).size).toBe(events.length);
    expect(read[0]?.summary).toBe(events[0]?.title);
  });
});
