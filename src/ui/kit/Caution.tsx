import { CAUTIONS, type CautionId } from '@/core/kit/cautions';

/** A caution where it applies: one line, and a little more on asking. */
export const Caution = ({ id }: { id: CautionId }) => (
  <details className="remark remark-caution my-1 text-sm">
    <summary className="cursor-pointer">{CAUTIONS[id].line}</summary>
    <p>{CAUTIONS[id].more} Local rules and licensed practice come first.</p>
  </details>
);
