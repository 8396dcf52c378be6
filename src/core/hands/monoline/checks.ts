import type { HandChecks } from '../../hand/checks';
import { CURSIVE_CHECKS } from '../../hand/cursive/checks';

export const checks: HandChecks = { ...CURSIVE_CHECKS, ink: { from: 0.06, to: 0.42 } };
