/** What the body is reminded of between steps, one at a time (common teaching; domain of every writing master). */
const REMINDERS = [
  'Sit tall, both feet on the floor.',
  'Shoulders down.',
  'Hold the pen lightly: no white knuckles.',
  'Move the arm, not the fingers alone.',
  'Look up, at something far away, and breathe out.',
  'Lay the pen down and shake the hand loose.',
] as const;

export const reminderAt = (step: number): string => REMINDERS[step % REMINDERS.length] ?? REMINDERS[0];

/** Shown as long as a session runs. */
export const STOP_FOR_PAIN = 'Pain, numbness or tingling: stop for today; if it comes back, see a clinician.';
