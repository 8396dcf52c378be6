'use client';

import { paperFormat } from '@/core/measure/paper';
import type { Piece } from '@/core/piece/piece';
import { FOLDS, PLACES } from '@/core/piece/pieceFormat';
import { LIMITS } from '@/core/problem/limits';
import { Choices, Toggle } from '../fields/Choices';
import { NumberField } from '../fields/NumberField';
import { PaperFields } from '../fields/PaperFields';
import { Phrase } from '../fields/Phrase';
import { marginWords, PLACE_WORDS, paperWords } from './pieceWords';

type Edit = (change: (piece: Piece) => Piece) => void;

/** Margins as shares of the page's shorter side, head : side : foot, as books and panels have them. */
const RATIOS = [
  { name: 'even', top: 1, side: 1, bottom: 1 },
  { name: 'foot deeper', top: 1, side: 1, bottom: 1.5 },
  { name: 'as in a book', top: 1, side: 1.25, bottom: 2 },
] as const;

/** The piece as a sentence; every underlined part opens where it is changed. */
export function PieceSentence({ piece, edit }: { piece: Piece; edit: Edit }) {
  const { paper, postage } = piece;
  const changePaper = (next: Partial<Piece['paper']>) =>
    edit((p) => ({ ...p, paper: { ...p.paper, ...next } }));
  const changeMargins = (next: Partial<Piece['paper']['margins']>) =>
    edit((p) => ({ ...p, paper: { ...p.paper, margins: { ...p.paper.margins, ...next } } }));
  const envelope = paperFormat(paper.format)?.group === 'envelopes';
  return (
    <p className="font-serif text-[1.35rem] leading-relaxed max-sm:text-lg">
      On{' '}
      <span className="whitespace-nowrap">
        <Phrase label="Paper" text={paperWords(piece)}>
          <PaperFields
            paper={paper}
            groups={['cards', 'envelopes', 'sheets', 'north american']}
            custom="Custom size: a bookmark, a panel"
            onChange={changePaper}
          />
          <Choices
            legend="Folded"
            value={piece.fold}
            choices={FOLDS.map((value) => ({ value, name: value === 'none' ? 'not at all' : value }))}
            onChoose={(fold) => edit((p) => ({ ...p, fold }))}
          />
          <Toggle
            name="Keep a corner free for postage"
            on={postage.on}
            onSwitch={(on) => edit((p) => ({ ...p, postage: { ...p.postage, on } }))}
          />
          {postage.on && (
            <>
              <NumberField
                limit={LIMITS.postageWidth}
                value={postage.width}
                onCommit={(width) => edit((p) => ({ ...p, postage: { ...p.postage, width } }))}
              />
              <NumberField
                limit={LIMITS.postageHeight}
                value={postage.height}
                onCommit={(height) => edit((p) => ({ ...p, postage: { ...p.postage, height } }))}
              />
            </>
          )}
          {(envelope || postage.on) && (
            <p className="max-w-xs text-sm opacity-80">
              What must stay clear on an envelope is set by the operator that carries it, and differs from
              country to country: ask yours.
            </p>
          )}
        </Phrase>
        ,
      </span>{' '}
      with margins of{' '}
      <span className="whitespace-nowrap">
        <Phrase label="Margins" text={marginWords(piece)}>
          {(['top', 'right', 'bottom', 'left'] as const).map((side) => (
            <NumberField
              key={side}
              limit={LIMITS.margin}
              label={`Margin, ${side}`}
              value={paper.margins[side]}
              onCommit={(value) => changeMargins({ [side]: value })}
            />
          ))}
          <div className="flex flex-wrap gap-1">
            {RATIOS.map(({ name, top, side, bottom }) => (
              <button
                key={name}
                type="button"
                className="btn btn-xs"
                onClick={() => {
                  const unit = paper.margins.top;
                  changeMargins({
                    top: unit * top,
                    right: unit * side,
                    left: unit * side,
                    bottom: Math.min(LIMITS.margin.high, unit * bottom),
                  });
                }}
              >
                {name}
              </button>
            ))}
          </div>
          <p className="max-w-xs text-sm opacity-80">
            The ratios are based on the top margin. No ink leaves the margins.
          </p>
        </Phrase>
        ,
      </span>{' '}
      the writing stands{' '}
      <span className="whitespace-nowrap">
        <Phrase label="Place of the writing" text={PLACE_WORDS[piece.place]}>
          <Choices
            legend="Where the writing stands"
            value={piece.place}
            choices={PLACES.map((value) => ({ value, name: PLACE_WORDS[value] }))}
            onChoose={(place) => edit((p) => ({ ...p, place }))}
          />
        </Phrase>
        ,
      </span>{' '}
      for a{' '}
      <span className="whitespace-nowrap">
        <Phrase label="Writing hand" text={`${piece.side} hand`}>
          <Choices
            legend="The hand that writes"
            value={piece.side}
            choices={[
              { value: 'right', name: 'right' },
              { value: 'left', name: 'left', remark: 'the plan keeps a clean sheet under it' },
            ]}
            onChoose={(side) => edit((p) => ({ ...p, side }))}
          />
        </Phrase>
        .
      </span>
    </p>
  );
}
