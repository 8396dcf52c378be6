'use client';

import { useId } from 'react';

/** Sheets of one panel, one shown at a time; the arrow keys go from tab to tab. */
export function Tabs<T extends string>({
  name,
  tabs,
  value,
  onChoose,
  children,
  className = '',
  panelClassName = '',
}: {
  name: string;
  tabs: readonly T[];
  value: T;
  onChoose: (tab: T) => void;
  children: React.ReactNode;
  className?: string;
  panelClassName?: string;
}) {
  const id = useId();
  const tabId = (tab: T) => `${id}-${tabs.indexOf(tab)}`;
  return (
    <>
      <div
        role="tablist"
        aria-label={name}
        className={`flex flex-wrap border-base-300 border-b ${className}`}
        onKeyDown={(event) => {
          const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
          if (!by) return;
          const next = tabs[(tabs.indexOf(value) + by + tabs.length) % tabs.length] as T;
          onChoose(next);
          document.getElementById(tabId(next))?.focus();
        }}
      >
        {tabs.map((tab) => (
          <button
            key={tab}
            type="button"
            role="tab"
            id={tabId(tab)}
            aria-selected={value === tab}
            aria-controls={`${id}-panel`}
            tabIndex={value === tab ? 0 : -1}
            className={`px-2 py-1 ${value === tab ? 'border-primary border-b-2 font-bold' : ''}`}
            onClick={() => onChoose(tab)}
          >
            {tab}
          </button>
        ))}
      </div>
      <div
        id={`${id}-panel`}
        role="tabpanel"
        aria-labelledby={tabId(value)}
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a scrolling region must be reachable by keyboard
        tabIndex={0}
        className={panelClassName}
      >
        {children}
      </div>
    </>
  );
}
