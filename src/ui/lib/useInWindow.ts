import { useSyncExternalStore } from 'react';

const never = () => () => undefined;

/**
 * Is this drawn in a window, and not yet on the server? What is many letters at once is drawn there alone: on the server it would
 * hold up everybody else, and travel as megabytes.
 */
export const useInWindow = (): boolean =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
