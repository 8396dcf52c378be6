import { Written } from '../frame/Written';

/** Height of a station's title, in CSS pixels. */
const HEIGHT = 56;

/** The title of a page, written by our own pen. */
export const StationTitle = ({ of }: { of: { readonly name: string } }) => (
  <Written text={of.name} height={HEIGHT} />
);
