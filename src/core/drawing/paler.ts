/** A colour `#rrggbb` lightened by a fraction, 0 to 1, towards white. */
export function paler(colour: string, fraction: number): string {
  const channel = (at: number) => {
    const value = Number.parseInt(colour.slice(at, at + 2), 16);
    return Math.round(value + (255 - value) * fraction)
      .toString(16)
      .padStart(2, '0');
  };
  return `#${channel(1)}${channel(3)}${channel(5)}`;
}

/** Paleness of a stroke written by a pen that is nearly empty (estimate of what the eye sees). */
export const PALEST = 0.5;
