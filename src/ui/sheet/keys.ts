'use client';

import { useEffect, useRef } from 'react';
import { lookUp } from '@/core/measure/lookUp';
import { LIFE_SIZE, stepZoom, type Zoom } from '../paper/zoom';

/** Keys that belong together: how they are shown in the list of keys, what they do, and what each of them runs. */
export interface StationKeys {
  readonly shown: string;
  readonly does: string;
  /** Actions by the name of the key; none for keys that another component handles. */
  readonly actions: Readonly<Record<string, () => unknown>>;
}

/** Zoom by steps, to fit, and to life size. */
export function zoomKeys(setZoom: (change: (zoom: Zoom) => Zoom) => void): StationKeys[] {
  const by = (direction: 1 | -1) => () =>
    setZoom((now) => stepZoom(now === 'fit' ? LIFE_SIZE : now, direction));
  return [
    { shown: '+  −', does: 'zoom in or out', actions: { '+': by(1), '=': by(1), '-': by(-1) } },
    { shown: '0', does: 'fit the sheet to the window', actions: { '0': () => setZoom(() => 'fit') } },
    { shown: '1', does: 'life size', actions: { '1': () => setZoom(() => LIFE_SIZE) } },
  ];
}

export const undoKeys = ({ undo, redo }: { undo: () => unknown; redo: () => unknown }): StationKeys[] => [
  { shown: 'Ctrl Z', does: 'undo', actions: { 'ctrl+z': undo } },
  { shown: 'Ctrl Shift Z or Ctrl Y', does: 'redo', actions: { 'ctrl+shift+z': redo, 'ctrl+y': redo } },
];

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

/** Space activates the focused control; it is a station key only where nothing has focus. */
const takesSpace = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest('button, a, summary, input') !== null;

/** The keys of everything on the screen, for the list of keys. */
const active = new Set<{ readonly current: readonly StationKeys[] }>();

/** All keys that work now, in the order of the list. */
export const activeKeys = (): readonly StationKeys[] => [...active].flatMap(({ current }) => current);

/** Handles keys while no field has focus; they are listed as long as they are active. */
export function useKeys(keys: readonly StationKeys[]): void {
  const current = useRef(keys);
  current.current = keys;
  useEffect(() => {
    active.add(current);
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event.target) || event.altKey || document.querySelector('dialog[open]')) return;
      if (event.key === ' ' && takesSpace(event.target)) return;
      const name = nameOf(event);
      const action = current.current.find(({ actions }) => lookUp(actions, name))?.actions[name];
      if (!action) return;
      event.preventDefault();
      action();
    };
    window.addEventListener('keydown', onKey);
    return () => {
      active.delete(current);
      window.removeEventListener('keydown', onKey);
    };
  }, []);
}
