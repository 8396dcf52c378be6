'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { Sitting } from '@/core/log/session';
import { useNotice } from '../frame/notices';
import { call } from '../lib/api';
import { callUntilKept } from '../lib/patience';

/** Interval, in s, at which the clock is saved, besides at every step: the maximum that a crash loses. */
const KEPT_EVERY = 10;

/** A session under way: its clock runs while it is not paused; every step is kept at once. */
export function useSitting({ entryId, ...initial }: Sitting & { readonly entryId: string }) {
  const [sitting, setSitting] = useState<Sitting>(initial);
  const latest = useRef(sitting);
  latest.current = sitting;
  const notice = useNotice();
  const unkept = useRef(0);
  const keep = useCallback(
    (next: Sitting) => {
      setSitting(next);
      latest.current = next;
      unkept.current += 1;
      callUntilKept(`/api/records/${entryId}`, {
        method: 'PUT',
        json: { kind: 'sitting', data: next },
      })
        .catch((error: unknown) => notice.failed(error))
        .finally(() => {
          unkept.current -= 1;
        });
    },
    [entryId, notice],
  );
  /** A window that is closed or loaded anew while a change is on its way sends the last one along. */
  useEffect(() => {
    const leave = () => {
      if (unkept.current === 0) return;
      const json = { kind: 'sitting', data: latest.current };
      call(`/api/records/${entryId}`, { method: 'PUT', json, keepalive: true }).catch(() => undefined);
    };
    window.addEventListener('pagehide', leave);
    return () => window.removeEventListener('pagehide', leave);
  }, [entryId]);
  const running = !sitting.paused && sitting.at < sitting.steps.length;
  useEffect(() => {
    if (!running) return;
    let last = performance.now();
    const timer = setInterval(() => {
      const now = performance.now();
      // A machine that slept was not written at.
      const passed = Math.min(5, (now - last) / 1000);
      last = now;
      const { current } = latest;
      const next = { ...current, seconds: current.seconds + passed };
      if (Math.floor(next.seconds / KEPT_EVERY) > Math.floor(current.seconds / KEPT_EVERY)) keep(next);
      else setSitting(next);
    }, 1000);
    return () => clearInterval(timer);
  }, [running, keep]);
  /** The screen stays awake while the pen moves. */
  useEffect(() => {
    if (!running || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | undefined;
    let over = false;
    navigator.wakeLock
      .request('screen')
      .then((held) => {
        if (over) void held.release();
        else lock = held;
      })
      .catch(() => undefined);
    return () => {
      over = true;
      void lock?.release();
    };
  }, [running]);
  const change = (part: Partial<Sitting>) => keep({ ...latest.current, ...part });
  const steps = sitting.steps.length;
  return {
    sitting,
    running,
    next: () => change({ at: Math.min(steps, latest.current.at + 1), paused: false }),
    back: () => change({ at: Math.max(0, latest.current.at - 1) }),
    skip: () => {
      const unit = latest.current.steps[latest.current.at]?.unit;
      if (unit === undefined) return;
      const skipped = [...new Set([...latest.current.skipped, unit])];
      change({ at: latest.current.at + 1, skipped });
    },
    pause: () => change({ paused: !latest.current.paused }),
    /** Ends early: what was not reached counts as skipped. */
    end: () => {
      const { at, steps: all, skipped } = latest.current;
      const missed = all.slice(at).map(({ unit }) => unit);
      change({ at: all.length, skipped: [...new Set([...skipped, ...missed])] });
    },
  };
}
