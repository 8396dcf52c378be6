'use client';

import { useEffect, useState } from 'react';

/** Time per stroke, in ms: slow, formal writing (estimate; half a minute a row). */
const A_STROKE = 1500;
/** The beat is seen for this share of it. */
const SEEN = 0.25;
const TICK = { hertz: 660, seconds: 0.05, loud: 0.05 } as const;

/** A beat to pace strokes by: seen always while the session runs, heard only where that is wanted. */
export function useBeat(heard: boolean, running: boolean): boolean {
  const [on, setOn] = useState(false);
  useEffect(() => {
    if (!running) return;
    const audio = heard ? new AudioContext() : undefined;
    let off: ReturnType<typeof setTimeout> | undefined;
    const beat = () => {
      setOn(true);
      off = setTimeout(() => setOn(false), A_STROKE * SEEN);
      if (!audio) return;
      const tone = audio.createOscillator();
      const volume = audio.createGain();
      tone.frequency.value = TICK.hertz;
      volume.gain.value = TICK.loud;
      tone.connect(volume).connect(audio.destination);
      tone.start();
      tone.stop(audio.currentTime + TICK.seconds);
    };
    const timer = setInterval(beat, A_STROKE);
    return () => {
      clearInterval(timer);
      clearTimeout(off);
      void audio?.close();
    };
  }, [heard, running]);
  return on && running;
}
