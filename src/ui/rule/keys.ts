'use client';

import { useEffect, useRef } from 'react';
import { LIFE_SIZE, stepZoom, type Zoom } from '../paper/zoom';

/** A key, and what it does. */
export interface KeyHelp {
  readonly keys: string;
  readonly does: string;
}

/** The Rule station's keys and what they do, as the help sheet lists them. */
export const KEYS: readonly KeyHelp[] = [
  { keys: '[  ]', does: 'next smaller or larger nib of the drawer' },
  { keys: ',  .', does: 'pen angle one degree flatter or steeper' },
  { keys: '+  −', does: 'zoom in or out' },
  { keys: '0', does: 'fit the sheet to the window' },
  { keys: '1', does: 'life size' },
  { keys: 'P', does: 'save the sheet as PDF' },
  { keys: 'Ctrl Z', does: 'undo' },
  { keys: 'Ctrl Shift Z or Ctrl Y', does: 'redo' },
  { keys: '?', does: 'this list' },
  { keys: 'Esc', does: 'close what is open' },
];

export type KeyActions = Readonly<Record<string, () => unknown>>;

/** Zoom by steps, to fit, and to life size. */
export function zoomKeys(setZoom: (change: (zoom: Zoom) => Zoom) => void): KeyActions {
  const by = (direction: 1 | -1) => () =>
    setZoom((now) => stepZoom(now === 'fit' ? LIFE_SIZE : now, direction));
  return {
    '+': by(1),
    '=': by(1),
    '-': by(-1),
    '0': () => setZoom(() => 'fit'),
    '1': () => setZoom(() => LIFE_SIZE),
  };
}

export const undoKeys = ({ undo, redo }: { undo: () => unknown; redo: () => unknown }): KeyActions => ({
  'ctrl+z': undo,
  'ctrl+shift+z': redo,
  'ctrl+y': redo,
});

/** "ctrl+shift+z", "p", "[": how actions are keyed. */
const nameOf = (event: KeyboardEvent): string => {
  const command = event.ctrlKey || event.metaKey;
  const key = event.key.toLowerCase();
  return command ? `ctrl+${event.shiftKey ? 'shift+' : ''}${key}` : key;
};

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    target instanceof HTMLSelectElement ||
    target instanceof HTMLTextAreaElement ||
    (target instanceof HTMLInputElement && target.type !== 'checkbox' && target.type !== 'radio'));

/** Space presses what has the focus; only where nothing does is it a key of the station. */
const takesSpace = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest('button, a, summary, input') !== null;

/** Runs the station's keys while nothing is being typed into. */
export function useKeys(actions: KeyActions): void {
  const current = useRef(actions);
  current.current = actions;
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event.target) || event.altKey || document.querySelector('dialog[open]')) return;
      if (event.key === ' ' && takesSpace(event.target)) return;
      const action = current.current[nameOf(event)];
      if (!action) return;
      event.preventDefault();
      action();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
