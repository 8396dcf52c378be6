import { Written } from '../frame/Written';
import { type Titled, titleOf } from './stations';

/** Height of a station's title, in CSS pixels. */
const HEIGHT = 56;

/** The title of a page, written by our own pen. */
export const StationTitle = ({ of }: { of: Titled }) => <Written text={titleOf(of)} height={HEIGHT} />;
