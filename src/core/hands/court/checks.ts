import type { HandChecks } from '../../hand/checks';

export const checks: HandChecks = {
  wanted: 'ابتثجحخدذرزسشصضطظعغفقكلمنهويىةء٠١٢٣٤٥٦٧٨٩.،؛؟!()-',
  ligatures: ['لا'],
  heights: [],
  oneStem: '',
  text: 'نجم قمر هلال شمس فلك نور برج بحر',
  ink: { from: 0.1, to: 0.4 },
  joins: 0,
};
