import { loadAllScripts } from '@/core/hands/scripts';

// Letters are fetched when they are wanted; tests want all of them.
await loadAllScripts();
