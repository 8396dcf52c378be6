import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PICTURE_TYPES, pictureTypeOf } from './picture';

const STARTS = {
  'image/png': [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a],
  'image/jpeg': [0xff, 0xd8, 0xff],
  'image/webp': [0x52, 0x49, 0x46, 0x46, 1, 2, 3, 4, 0x57, 0x45, 0x42, 0x50],
};

describe('what a picture is', () => {
  it.each(PICTURE_TYPES)('%s is told by its first bytes, whatever follows', (type) => {
    fc.assert(
      fc.property(fc.uint8Array(), (rest) => {
        expect(pictureTypeOf(new Uint8Array([...STARTS[type], ...rest]))).toBe(type);
      }),
    );
  });

  it.each(PICTURE_TYPES)('%s cut short or with any of these bytes changed is none', (type) => {
    const start = STARTS[type];
    for (const at of start.keys()) {
      expect(pictureTypeOf(new Uint8Array(start.slice(0, at)))).toBeUndefined();
      const isSize = type === 'image/webp' && at >= 4 && at < 8;
      const changed = start.map((byte, i) => (i === at ? byte ^ 1 : byte));
      expect(pictureTypeOf(new Uint8Array(changed))).toBe(isSize ? type : undefined);
    }
  });

  it('markup and text are none', () => {
    const bytes = (markup: string) => new TextEncoder().encode(markup);
    expect(pictureTypeOf(bytes('<svg xmlns="http://www.w3.org/2000/svg"><script/></svg>'))).toBeUndefined();
    expect(pictureTypeOf(bytes(''))).toBeUndefined();
  });
});
